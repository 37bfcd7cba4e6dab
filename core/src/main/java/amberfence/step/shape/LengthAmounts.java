package amberfence.step.shape;

import amberfence.step.SettingTexts;
import amberfence.step.SettingType;
import amberfence.step.shape.Lengths.How;
import amberfence.theory.MusicTextException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.OptionalLong;

/** The amount of *Lengths* as text: a share in percent, or ticks, as the way asks. */
final class LengthAmounts {
    private static final List<String> WORDS = Arrays.stream(How.values()).map(LengthAmounts::word).toList();
    static final SettingType HOW = new SettingType(SettingType.Kind.CHOICE, WORDS, OptionalLong.empty(), OptionalLong.empty(), "");
    private static final int USUAL_PERCENT = 50;
    private static final int USUAL_TICKS = 30;

    private LengthAmounts() {
    }

    static String word(How how) {
        return how.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static How how(String text) {
        int index = WORDS.indexOf(text.strip().toLowerCase(Locale.ROOT));
        if (index < 0) {
            throw new MusicTextException("it is one of " + String.join(", ", WORDS));
        }
        return How.values()[index];
    }

    private static boolean isShare(How how) {
        return how == How.STACCATO || how == How.SHARE;
    }

    private static boolean isTicks(How how) {
        return how == How.OFFSET || how == How.CLOSE_GAPS || how == How.FILL;
    }

    /** A way with the amount that is usual for it. */
    static Lengths usual(How how, SettingTexts texts) {
        return new Lengths(how, isShare(how) ? USUAL_PERCENT : isTicks(how) ? texts.toSong(USUAL_TICKS) : 0);
    }

    static String of(Lengths step, SettingTexts texts) {
        return isShare(step.how()) ? step.amount() + "%" : isTicks(step.how()) ? texts.toText(step.amount()) + "t" : "";
    }

    static Lengths read(Lengths step, String text, SettingTexts texts) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        if (isShare(step.how()) && plain.matches("\\d{1,6}\\s*%?")) {
            return new Lengths(step.how(), Long.parseLong(plain.replaceFirst("\\s*%$", "")));
        } else if (isTicks(step.how()) && plain.matches("-?\\d{1,12}t?")) {
            return new Lengths(step.how(), texts.toSong(Long.parseLong(plain.replaceFirst("t$", ""))));
        }
        throw new MusicTextException(isShare(step.how()) ? word(step.how()) + " asks for a share, as in 50%" : isTicks(step.how())
                ? word(step.how()) + " asks for ticks, as in 30t (480 to a quarter)" : word(step.how()) + " asks for no amount");
    }
}
