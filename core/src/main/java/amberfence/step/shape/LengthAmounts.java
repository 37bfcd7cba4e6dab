package amberfence.step.shape;

import amberfence.step.SettingTexts;
import amberfence.step.shape.LengthWay.CloseGaps;
import amberfence.step.shape.LengthWay.Fill;
import amberfence.step.shape.LengthWay.FillShare;
import amberfence.step.shape.LengthWay.FillUntil;
import amberfence.step.shape.LengthWay.Legato;
import amberfence.step.shape.LengthWay.Offset;
import amberfence.step.shape.LengthWay.Share;
import amberfence.step.shape.LengthWay.Staccato;
import amberfence.step.shape.LengthWay.TrimOverlaps;
import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The ways of *Lengths* as text: how, and how much in percent, ticks or bars, as the way asks. */
final class LengthAmounts {
    private static final int USUAL_TICKS = 30;
    /** Each way with the amount that is usual for it. */
    private static final Map<String, LengthWay> USUAL = usual();

    private LengthAmounts() {
    }

    private static Map<String, LengthWay> usual() {
        Map<String, LengthWay> usual = new LinkedHashMap<>();
        usual.put("legato", new Legato());
        usual.put("staccato", new Staccato(50));
        usual.put("share", new Share(50));
        usual.put("offset", new Offset(USUAL_TICKS));
        usual.put("trim-overlaps", new TrimOverlaps());
        usual.put("close-gaps", new CloseGaps(USUAL_TICKS));
        usual.put("fill", new Fill(4));
        return usual;
    }

    static List<String> words() {
        return List.copyOf(USUAL.keySet());
    }

    static String word(LengthWay way) {
        Class<?> kind = fills(way) ? Fill.class : way.getClass();
        return USUAL.entrySet().stream().filter(entry -> entry.getValue().getClass() == kind).findFirst().orElseThrow().getKey();
    }

    /** The way that a word stands for, with the amount that is usual for it. */
    static LengthWay named(String text, SettingTexts texts) {
        LengthWay way = USUAL.get(text.strip().toLowerCase(Locale.ROOT));
        if (way == null) {
            throw new MusicTextException(Texts.say("it is one of %s", String.join(", ", USUAL.keySet())));
        }
        long ticks = texts.toSong(USUAL_TICKS);
        return way instanceof Offset ? new Offset(ticks) : way instanceof CloseGaps ? new CloseGaps(ticks) : way;
    }

    static String amount(LengthWay way, SettingTexts texts) {
        if (way instanceof Staccato staccato) {
            return staccato.percent() + "%";
        } else if (way instanceof Share share) {
            return share.percent() + "%";
        } else if (way instanceof Offset offset) {
            return texts.toText(offset.ticks()) + "t";
        } else if (way instanceof CloseGaps gaps) {
            return texts.toText(gaps.ticks()) + "t";
        } else if (way instanceof FillShare share) {
            return share.percent() + "%";
        } else if (way instanceof FillUntil until) {
            return texts.toText(until.ticks()) + "t";
        }
        return way instanceof Fill fill ? fill.bars() + "bars" : "";
    }

    /** The same way with another amount. */
    static LengthWay withAmount(LengthWay way, String text, SettingTexts texts) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        if (way instanceof Staccato) {
            return new Staccato(percent(way, plain));
        } else if (way instanceof Share) {
            return new Share(percent(way, plain));
        } else if (way instanceof Offset) {
            return new Offset(ticks(way, plain, texts));
        } else if (way instanceof CloseGaps) {
            return new CloseGaps(ticks(way, plain, texts));
        } else if (fills(way) && plain.endsWith("%")) {
            return new FillShare(percent(way, plain));
        } else if (fills(way)) {
            return plain.matches("\\d{1,6}\\s*bars?") ? new Fill(Integer.parseInt(plain.replaceFirst("\\s*bars?$", "")))
                    : new FillUntil(ticks(way, plain, texts));
        }
        throw new MusicTextException(Texts.say("%s asks for no amount", word(way)));
    }

    /** Whether a way stretches notes in time. */
    static boolean fills(LengthWay way) {
        return way instanceof Fill || way instanceof FillUntil || way instanceof FillShare;
    }

    private static int percent(LengthWay way, String plain) {
        if (!plain.matches("\\d{1,6}\\s*%?")) {
            throw new MusicTextException(Texts.say("%s asks for a share, as in 50%%", word(way)));
        }
        return Integer.parseInt(plain.replaceFirst("\\s*%$", ""));
    }

    private static long ticks(LengthWay way, String plain, SettingTexts texts) {
        if (!plain.matches("-?\\d{1,12}t?")) {
            throw new MusicTextException(Texts.say(fills(way)
                    ? "%s asks for bars, as in 4bars, for a share of the time, as in 200%%, or for the tick where it ends (%s to a quarter)"
                    : Texts.text("%s asks for ticks, as in 30t (%s to a quarter)"), word(way), SettingTexts.TEXT_TICKS));
        }
        return texts.toSong(Long.parseLong(plain.replaceFirst("t$", "")));
    }
}
