package amberfence.step;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Steps as they are typed: {@code Typed.step(Arpeggio.SCHEMA, "order=up rate=1/8 then=\"2 degrees\"")}. */
public final class Typed {
    private static final Pattern SETTING = Pattern.compile("([a-z-]+)=(?:\"([^\"]*)\"|(\\S+))");

    private Typed() {
    }

    /** A step with some settings; the others are the usual ones. */
    public static <S extends Step> S step(StepSchema<S> schema, String settings) {
        Map<String, String> values = new LinkedHashMap<>();
        Matcher matcher = SETTING.matcher(settings);
        while (matcher.find()) {
            if (schema.setting(matcher.group(1)).isEmpty()) {
                throw new IllegalArgumentException(schema.name() + " has no setting " + matcher.group(1));
            }
            values.put(matcher.group(1), matcher.group(2) == null ? matcher.group(3) : matcher.group(2));
        }
        return schema.read(values, SettingTexts.ALONE);
    }
}
