package amberfence.app;

import amberfence.app.files.AppFolder;
import amberfence.app.files.PreferencesFile;
import amberfence.words.Languages;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** In which language the window speaks. Texts are taken in it once, so that it is decided before anything is said. */
final class InterfaceLanguage {
    private static final String KEPT = "interface-language";
    private static final String OPTION = "--language";

    private InterfaceLanguage() {
    }

    /** Takes the language that the window is started with, else the one that the person chose; else it is as the system says. */
    static void take(List<String> arguments, AppFolder folder) {
        int at = arguments.indexOf(OPTION);
        Optional<String> wanted = at >= 0 && at + 1 < arguments.size() ? Optional.of(arguments.get(at + 1))
                : arguments.contains("--screenshot") ? Optional.of(Languages.ALL.get(0)) : PreferencesFile.kept(folder, KEPT);
        wanted.filter(Languages.ALL::contains).map(Locale::new).ifPresent(Locale::setDefault);
    }
}
