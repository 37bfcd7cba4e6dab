package amberfence.step.chord;

import amberfence.notes.ChordSpan;
import amberfence.notes.Grid;
import amberfence.notes.GridLines;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.step.Finding;
import amberfence.step.Outcome;
import amberfence.step.Reason;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.theory.ChordTone;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import amberfence.theory.TextLimit;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.function.LongUnaryOperator;

/**
 * Plays the progression: the notes of each chord, as it is voiced, in a rhythm. What the part has itself stays. The part
 * stays tied to the progression until it is settled.
 *
 * @param pattern the signs of an own rhythm: {@code x} sounds, {@code -} holds on, {@code .} rests
 * @param grid the note value of one sign
 * @param share how much of its time each note sounds, in percent: 100 is legato
 */
public record PlayChords(Rhythm rhythm, String pattern, Grid grid, int share, int velocity) implements Step {
    private static final Range SHARE = new Range(Texts.text("share in percent"), 5, 100);
    private static final int WHOLE = 100;
    /** Held, all of the time. */
    public static final PlayChords USUAL = new PlayChords(Rhythm.HELD, "x-x-x-x-", Grid.of(8), WHOLE, 80);
    public static final StepSchema<PlayChords> SCHEMA = StepSchema.of("play-chords", "Play chords", StepGroup.CHORDS,
            "Plays the progression in a rhythm; it follows the chords until the part is settled.", USUAL).touching(Touch.COUNT).answeringToChords(step -> true)
            .choice("rhythm", "when the chords sound", Rhythm.class, PlayChords::rhythm, PlayChords::withRhythm)
            .worded("Rhythm", "held", "on every beat", "eighths", "off the beats", "an own pattern")
            .with("pattern", "for an own rhythm, on the grid", SettingType.Kind.PATTERN, (step, texts) -> step.pattern,
                    (step, text, texts) -> new PlayChords(step.rhythm, text, step.grid, step.share, step.velocity))
            .usedWhen("with rhythm=own", step -> step.rhythm == Rhythm.OWN)
            .noteValue("grid", "the note value of the pattern's signs", PlayChords::grid,
                    (step, grid) -> new PlayChords(step.rhythm, step.pattern, grid, step.share, step.velocity))
            .usedWhen("with rhythm=own", step -> step.rhythm == Rhythm.OWN)
            .percent("length", "how much of its time each note sounds", 5, WHOLE, PlayChords::share, PlayChords::withShare)
            .worded("Sounds")
            .whole("velocity", "how loud", 1, 127, PlayChords::velocity,
                    (step, velocity) -> new PlayChords(step.rhythm, step.pattern, step.grid, step.share, velocity))
            .example("notes:", "chords: | C | F/C |", "role: chords", "step: play-chords rhythm=held", "becomes: [C4 E4 G4]:8 [C4 F4 A4]:8");

    public PlayChords {
        SHARE.check(share);
        Range.VELOCITY.check(velocity);
        TextLimit.RHYTHM.check(pattern);
        if (!pattern.matches("[x.\\-| ]*x[x.\\-| ]*")) {
            throw new IllegalArgumentException(Texts.say("a rhythm is written with x (sounds), - (holds) and . (rests), as in x-.x, not “%s”", pattern));
        }
    }

    public PlayChords withRhythm(Rhythm newRhythm) {
        return new PlayChords(newRhythm, pattern, grid, share, velocity);
    }

    public PlayChords withPattern(String newPattern) {
        return new PlayChords(Rhythm.OWN, newPattern, grid, share, velocity);
    }

    public PlayChords withShare(int newShare) {
        return new PlayChords(rhythm, pattern, grid, newShare, velocity);
    }

    @Override
    public boolean followsProgression() {
        return true;
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        Work work = new Work(in, around);
        in.notes().forEach(work::keep);
        if (around.progression().isEmpty()) {
            work.find(new Finding.NoProgression());
            return work.outcome();
        }
        int channel = in.isEmpty() ? around.channel() : in.notes().get(0).channel();
        for (ChordSpan span : around.progression().spans()) {
            for (long[] stroke : strokes(span, around.time(), work)) {
                for (int pitch : span.sounding().pitches()) {
                    work.add(span.id(), new Note(0, stroke[0], Math.max(1, (stroke[1] - stroke[0]) * share / WHOLE), pitch, velocity, channel,
                            Note.USUAL_RELEASE), new Reason.FromChord(span.chord().text(), member(span, pitch)));
                }
            }
        }
        return work.outcome();
    }

    private static String member(ChordSpan span, int pitch) {
        return span.chord().member(PitchClass.of(pitch)).map(ChordTone::role).orElse("bass");
    }

    /** Beginning and end of every time that a chord is struck. */
    private List<long[]> strokes(ChordSpan span, TimeMap time, Work work) {
        List<long[]> strokes = new ArrayList<>();
        switch (rhythm) {
            case HELD -> strokes.add(new long[] {span.start(), span.end()});
            case BEATS -> split(span, strokes, time::nextPulse, work);
            case EIGHTHS -> split(span, strokes, new GridLines(time, Grid.of(8))::after, work);
            case OFF_BEATS -> offBeats(span, strokes, time, work);
            default -> own(span, strokes, time, work);
        }
        return strokes;
    }

    private static void split(ChordSpan span, List<long[]> strokes, LongUnaryOperator next, Work work) {
        for (long at = span.start(); at < span.end();) {
            work.turn();
            long to = Math.min(span.end(), next.applyAsLong(at));
            strokes.add(new long[] {at, to});
            at = to;
        }
    }

    private static void offBeats(ChordSpan span, List<long[]> strokes, TimeMap time, Work work) {
        for (long at = span.start(); at < span.end();) {
            work.turn();
            long to = time.nextPulse(at);
            long off = at + (to - at) / 2;
            if (off < span.end()) {
                strokes.add(new long[] {off, Math.min(span.end(), to)});
            }
            at = to;
        }
    }

    private void own(ChordSpan span, List<long[]> strokes, TimeMap time, Work work) {
        String signs = pattern.replaceAll("[| ]", "");
        GridLines lines = new GridLines(time, grid);
        long[] open = null;
        for (long at = span.start(); at < span.end();) {
            work.turn();
            long to = Math.min(span.end(), lines.after(at));
            long bar = time.barStart(time.barOf(at));
            int place = (int) ((at - bar) / grid.ticks(time.ticksPerQuarter()));
            char sign = signs.charAt(place % signs.length());
            if (sign == 'x' || sign == '-' && open == null && at == span.start()) {
                open = new long[] {at, to};
                strokes.add(open);
            } else if (sign == '-' && open != null) {
                open[1] = to;
            } else {
                open = null;
            }
            at = to;
        }
    }
}
