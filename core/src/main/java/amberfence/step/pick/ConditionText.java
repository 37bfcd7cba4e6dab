package amberfence.step.pick;

import amberfence.notes.Grid;
import amberfence.step.pick.Condition.OnBeat.Place;
import amberfence.theory.Degree;
import amberfence.theory.MusicTextException;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClass;
import amberfence.theory.SpelledPitch;
import amberfence.words.Texts;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads one condition from text. What can be written is the table in this class. */
final class ConditionText {
    private static final List<String> NAMES = List.of("C", "C#", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B");

    /** One form of words: what it looks like, and the condition that it makes. */
    private record Form(Pattern pattern, Function<Matcher, Condition> make) {
        static Form of(String pattern, Function<Matcher, Condition> make) {
            return new Form(Pattern.compile(pattern, Pattern.CASE_INSENSITIVE), make);
        }
    }

    private static final List<Form> FORMS = List.of(
            Form.of("lowest", m -> new Condition.Voice(1, false)),
            Form.of("highest", m -> new Condition.Voice(1, true)),
            Form.of("voice (\\d{1,3})( from (?:the )?top)?", m -> new Condition.Voice(number(m, 1), m.group(2) != null)),
            Form.of("inside", m -> new Condition.Inside()),
            Form.of("outside", m -> new Condition.Outside()),
            Form.of("degree (\\S+)", m -> new Condition.OnDegree(Degree.parse(m.group(1)))),
            Form.of("chord notes?", m -> new Condition.ChordNote()),
            Form.of("pitch (\\S+) to (\\S+)", m -> new Condition.PitchBetween(midi(m.group(1)), midi(m.group(2)))),
            Form.of("(?:on (?:a )?)?strong beats?", m -> new Condition.OnBeat(Place.STRONG)),
            Form.of("on (?:a |the )?beats?", m -> new Condition.OnBeat(Place.BEAT)),
            Form.of("off (?:the )?beats?", m -> new Condition.OnBeat(Place.OFF)),
            Form.of("length(?: from (\\S+))?(?: up to (\\S+))?", m -> new Condition.LengthBetween(
                    Optional.ofNullable(m.group(1)).map(Grid::parse), Optional.ofNullable(m.group(2)).map(Grid::parse))),
            Form.of("velocity (\\d{1,3}) to (\\d{1,3})", m -> new Condition.VelocityBetween(number(m, 1), number(m, 2))),
            Form.of("within (\\d{1,3})(?: semitones?)? of (?:the )?lowest", m -> new Condition.NearLowest(number(m, 1))),
            Form.of("every (\\d{1,4})(?:st|nd|rd|th)?(?: from (\\d{1,4}))?", m -> new Condition.EveryNth(number(m, 1),
                    m.group(2) == null ? 1 : number(m, 2))),
            Form.of("overlapping", m -> new Condition.Overlapping()));

    private ConditionText() {
    }

    static Condition parse(String text) {
        String words = text.strip().replaceAll("\\s+", " ");
        for (Form form : FORMS) {
            Matcher matcher = form.pattern().matcher(words);
            if (matcher.matches()) {
                return make(form, matcher);
            }
        }
        throw new MusicTextException(Texts.say("“%s” is no condition of a pick; conditions are lowest, highest, voice 2, voice 2 from top, inside, "
                + "outside, degree b3, chord note, pitch C3 to C5, strong beat, on beat, off beat, length from 1/8 up to 1/4, velocity 1 to 60, within 7 of lowest, every 2, overlapping; “not” before one turns it round, “and” and “or” join them", text.strip()));
    }

    private static Condition make(Form form, Matcher matcher) {
        try {
            return form.make().apply(matcher);
        } catch (IllegalArgumentException e) {
            throw new MusicTextException(e.getMessage());
        }
    }

    private static int number(Matcher matcher, int group) {
        return Integer.parseInt(matcher.group(group));
    }

    private static int midi(String text) {
        return SpelledPitch.parse(text).number();
    }

    /** A MIDI pitch as typed text, for example {@code F#3}. */
    static String pitch(int midi) {
        return SpelledPitch.of(NoteName.parse(NAMES.get(midi % PitchClass.COUNT)), midi).plainText();
    }
}
