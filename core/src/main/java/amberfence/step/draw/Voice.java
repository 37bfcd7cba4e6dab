package amberfence.step.draw;

import amberfence.notes.Line;
import amberfence.step.Outcome;
import amberfence.step.PitchRange;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.words.Texts;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * One voice of another part, which it follows: from what is struck together there the lowest, the highest, another one, or a
 * line of a division by least motion. It stands in the place of what the part had.
 *
 * @param from identity of the other part; nothing until it is chosen
 * @param doubles a voice that has no note of its own doubles the nearest; else it rests
 * @param range into which each note is brought by octaves, at least an octave wide
 * @param join equal neighbours that touch become one note
 */
public record Voice(Optional<Integer> from, Which which, boolean doubles, Optional<PitchRange> range, boolean join) implements Step {
    private static final int LEAST_SPAN = 11;
    private static final String[] USUAL_VOICES = {"lowest", "highest", "below:2", "below:3", "above:2", "above:3", "line:1/2", "line:2/2",
        "line:1/3", "line:2/3", "line:3/3", "line:1/4", "line:2/4", "line:3/4", "line:4/4"};
    /** The lowest notes, of a part still to be chosen. */
    public static final Voice USUAL = new Voice(Optional.empty(), Which.LOWEST, false, Optional.empty(), false);
    public static final StepSchema<Voice> SCHEMA = StepSchema.of("voice", "Voice of a part", StepGroup.NEW_NOTES,
            "Takes one voice of another part and follows it.", USUAL).touching(Touch.COUNT)
            .with("from", "the part whose voice it is", SettingType.Kind.PART, (step, texts) -> step.from.map(texts.partName()::apply).orElse(""),
                    (step, text, texts) -> new Voice(Optional.of(texts.partOf().apply(text.strip())), step.which, step.doubles, step.range, step.join))
            .worded("Voice of").required("1")
            .with("which", "which of its notes", SettingType.written("lowest, highest, below:2, above:2 or line:1/4", USUAL_VOICES),
                    (step, texts) -> step.which.text(), (step, text, texts) -> new Voice(step.from, Which.parse(text), step.doubles, step.range, step.join))
            .worded("Which", "the lowest", "the highest", "2nd from below", "3rd from below", "2nd from above", "3rd from above",
                    "upper of two lines", "lower of two lines", "upper of three", "middle of three", "lower of three", "soprano of four", "alto of four",
                    "tenor of four", "bass of four")
            .choice("gaps", "what it does where it has no note of its own", Gaps.class, step -> step.doubles ? Gaps.DOUBLE : Gaps.REST,
                    (step, gaps) -> new Voice(step.from, step.which, gaps == Gaps.DOUBLE, step.range, step.join))
            .worded("No note of its own", "it rests", "it doubles the nearest")
            .with("range", "the range into which each note is brought by octaves", SettingType.written("none, or two pitches an octave apart, as in E1..E3",
                    "none"), (step, texts) -> step.range.map(PitchRange::text).orElse("none"), (step, text, texts) -> new Voice(step.from, step.which,
                            step.doubles, text.strip().equalsIgnoreCase("none") ? Optional.empty() : Optional.of(PitchRange.parse(text)), step.join))
            .worded("Into the range")
            .flag("join", "equal neighbours that touch become one note", Voice::join,
                    (step, join) -> new Voice(step.from, step.which, step.doubles, step.range, join))
            .worded("Join repeats")
            .example("notes:", "other: [C4 E4 G4]:4 [A3 C4 F4]:4", "role: bass", "step: voice from=Other which=lowest", "becomes: C4:4 A3:4");

    private enum Gaps {
        REST, DOUBLE
    }

    public Voice {
        range.ifPresent(pitches -> {
            if (pitches.highest() - pitches.lowest() < LEAST_SPAN) {
                throw new IllegalArgumentException(Texts.say("a range for a voice holds an octave, as in E1..E3, not %s", pitches.text()));
            }
        });
    }

    /** The lowest notes of a part in a range, with repeats joined. */
    public static Voice lowest(int part, PitchRange range) {
        return new Voice(Optional.of(part), Which.LOWEST, false, Optional.of(range), true);
    }

    /** The highest notes of a part, with repeats joined. */
    public static Voice highest(int part) {
        return new Voice(Optional.of(part), Which.HIGHEST, false, Optional.empty(), true);
    }

    /** One of so many lines of a part, counted from the top, with repeats joined. */
    public static Voice line(int part, int number, int of) {
        return new Voice(Optional.of(part), new Which.Line(number, of), false, Optional.empty(), true);
    }

    @Override
    public Set<Integer> listensTo() {
        return from.map(Set::of).orElse(Set.of());
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        Optional<Line> source = from.flatMap(around.others()::line);
        if (source.isEmpty()) {
            work.find(new DrawFinding.NoPart());
            in.notes().forEach(work::keep);
        } else {
            new VoiceWriter(this, around, work).write(in, List.copyOf(source.get().notes()));
        }
        return work.outcome();
    }
}
