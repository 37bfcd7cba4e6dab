package amberfence.words;

import java.util.List;
import java.util.Locale;

/** The languages in which everything is said. */
public final class Languages {
    /** By their codes; the first is the one that everything is written in. */
    public static final List<String> ALL = List.of("en", "de");

    private Languages() {
    }

    /** That of the machine, or the one that whoever started the application made the usual one, when there are texts in it. */
    static String usual() {
        String wanted = Locale.getDefault().getLanguage();
        return ALL.contains(wanted) ? wanted : ALL.get(0);
    }
}
