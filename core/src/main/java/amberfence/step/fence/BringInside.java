package amberfence.step.fence;

import static java.util.Map.entry;

import amberfence.notes.Grid;
import amberfence.notes.Line;
import amberfence.notes.NoteArrays;
import amberfence.reading.BeatPlace;
import amberfence.step.Finding;
import amberfence.step.Outcome;
import amberfence.step.Reason;
import amberfence.step.SettingValues;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.step.fence.FenceReason.Choice;
import amberfence.step.fence.FenceReason.Why;
import amberfence.theory.PitchClassSet;
import java.util.HashMap;
import java.util.Map;

/**
 * Moves outside notes to inside ones, or leaves them out. Inside notes never move, and nothing but the pitch changes.
 *
 * @param moveTo where outside notes go
 * @param tieBreak what decides between two that are equally near; counts only with {@link MoveTo#NEAREST}; with {@link MoveTo#LINE_FIRST}
 *                 only the chord does
 * @param letPass outside notes that stay because of the way they are reached and left
 * @param strongChords whether on strong beats only notes of the chord that sounds are inside, where one does
 */
public record BringInside(MoveTo moveTo, TieBreak tieBreak, LetPass letPass, boolean strongChords) implements Step {
    /** To the nearest, ties keeping the line's shape. */
    public static final BringInside USUAL = new BringInside(MoveTo.NEAREST, TieBreak.SHAPE, LetPass.NOTHING, false);
    public static final StepSchema<BringInside> SCHEMA = StepSchema.of("bring-inside", "Bring inside", StepGroup.FENCE,
            "Moves notes that are outside the fence to inside ones, or leaves them out.", USUAL).touching(Touch.PITCH, Touch.COUNT).live()
            .needingKey(step -> true).answeringToChords(step -> step.strongChords || step.tieBreak == TieBreak.CHORD || step.letPass.approaches())
            .choice("to", "where an outside note goes", MoveTo.WORDS, BringInside::moveTo, BringInside::withMoveTo)
            .worded("Move to", "nearest note inside", "the line first: shape may ask for the farther", "next note inside above", "next note inside below", "nowhere: leave it out")
            .choice("tie-break", "what decides when two inside notes are equally near", TieBreak.class, BringInside::tieBreak,
                    BringInside::withTieBreak)
            .worded("If equally near", "keep the line's shape", "go down", "go up", "the chord note")
            .usedWhen("with to=nearest or line-first", step -> step.moveTo == MoveTo.NEAREST || step.moveTo == MoveTo.LINE_FIRST)
            .choices("let-pass", "short outside notes off the beat that stay", LetPass.Kind.class, step -> step.letPass.kinds(),
                    (step, kinds) -> step.withLetPass(LetPass.of(kinds, step.letPass.longest())))
            .worded("Let pass", "passing", "neighbours", "approaches")
            .noteValue("longest", "the longest note that counts as short", step -> Grid.of(step.letPass.longest()),
                    (step, grid) -> step.withLetPass(step.letPass.withLongest(grid)))
            .worded("Up to").usedWhen("with let-pass", step -> !step.letPass.isNothing())
            .choice("strong", "what is inside on strong beats: all of it, or only notes of the chord", SettingValues.words(entry("inside", false), entry("chord", true)),
                    BringInside::strongChords, BringInside::withStrongChords)
            .worded("Strong beats", "all that is inside", "chord notes only")
            .example("notes: C4 F#4 G4:2", "step: bring-inside tie-break=down", "becomes: C4 F4 G4:2");

    public BringInside {
        letPass = letPass == null ? LetPass.NOTHING : letPass;
    }

    public BringInside withMoveTo(MoveTo newMoveTo) {
        return new BringInside(newMoveTo, tieBreak, letPass, strongChords);
    }

    public BringInside withTieBreak(TieBreak newTieBreak) {
        return new BringInside(moveTo, newTieBreak, letPass, strongChords);
    }

    public BringInside withLetPass(LetPass newLetPass) {
        return new BringInside(moveTo, tieBreak, newLetPass, strongChords);
    }

    public BringInside withStrongChords(boolean newStrongChords) {
        return new BringInside(moveTo, tieBreak, letPass, newStrongChords);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Bringing bringing = new Bringing(in, around, letPass, strongChords);
        if (strongChords && around.chords().isEmpty()) {
            bringing.work.find(new Finding.NoProgression());
        }
        if (moveTo == MoveTo.LINE_FIRST || moveTo == MoveTo.NEAREST && (tieBreak == TieBreak.SHAPE || tieBreak == TieBreak.CHORD)) {
            alongTheLine(bringing);
        } else {
            eachByItself(bringing);
        }
        return bringing.work.outcome();
    }

    /** The two sides of every note that is to move, weighed over the whole line. */
    private void alongTheLine(Bringing bringing) {
        NoteArrays notes = bringing.notes;
        int size = notes.size();
        Candidates candidates = new Candidates(size);
        boolean[] outside = new boolean[size];
        boolean[] moves = new boolean[size];
        boolean byChord = tieBreak == TieBreak.CHORD && !bringing.around.chords().isEmpty();
        if (tieBreak == TieBreak.CHORD && !byChord) {
            bringing.work.find(new FenceFinding.NoChords());
        }
        for (int i = 0; i < size; i++) {
            int pitch = notes.pitch(i);
            candidates.settle(i, pitch);
            outside[i] = bringing.isOutside(i);
            moves[i] = outside[i] && bringing.mayMove(i);
            if (!moves[i]) {
                continue;
            }
            candidates.near(i, pitch, bringing.neighbours(notes.start(i)));
            int low = candidates.low(i);
            int high = candidates.high(i);
            int nearer = (high - pitch) - (pitch - low);
            if (low != high && nearer != 0 && moveTo != MoveTo.LINE_FIRST) {
                candidates.settle(i, nearer > 0 ? low : high);
            } else if (low != high && nearer == 0 && byChord) {
                PitchClassSet chord = bringing.around.chords().at(notes.start(i));
                if (chord.containsPitch(low) != chord.containsPitch(high)) {
                    candidates.settle(i, chord.containsPitch(low) ? low : high);
                }
            }
        }
        ShapedLine shaped = new ShapedLine(bringing.in.notes(), notes, candidates);
        for (int i = 0; i < size; i++) {
            if (!outside[i]) {
                bringing.work.keep(i);
            } else if (!moves[i]) {
                bringing.keepOutside(i);
            } else {
                bringing.work.move(i, shaped.pitch(i), candidates.isFixed(i)
                        ? settled(notes.pitch(i), shaped.pitch(i), bringing.neighbours(notes.start(i))) : shaped.reason(i));
            }
        }
        shaped.findLostSteps(bringing.work);
    }

    /** Why a note went where it did that was settled before the line was weighed. */
    private static Reason settled(int before, int pitch, Neighbours neighbours) {
        int low = neighbours.below(before);
        int high = neighbours.above(before);
        if (low == Neighbours.NONE || high == Neighbours.NONE) {
            return new Choice(Why.ONLY, pitch, pitch);
        }
        int other = pitch == low ? high : low;
        return before - low == high - before ? new Choice(Why.CHORD_NOTE, pitch, other) : new Choice(Why.NEARER, pitch, other);
    }

    private void eachByItself(Bringing bringing) {
        for (int i = 0; i < bringing.notes.size(); i++) {
            if (!bringing.isOutside(i)) {
                bringing.work.keep(i);
            } else if (!bringing.mayMove(i)) {
                bringing.keepOutside(i);
            } else if (moveTo == MoveTo.LEAVE_OUT) {
                bringing.work.remove(bringing.in.at(i), new FenceReason.LeftOut());
            } else {
                moveByItself(i, bringing);
            }
        }
    }

    private void moveByItself(int note, Bringing bringing) {
        Neighbours neighbours = bringing.neighbours(bringing.notes.start(note));
        int pitch = bringing.notes.pitch(note);
        int low = neighbours.below(pitch);
        int high = neighbours.above(pitch);
        if (low == Neighbours.NONE || high == Neighbours.NONE) {
            int only = Math.max(low, high);
            if (moveTo != MoveTo.NEAREST && only != (moveTo == MoveTo.UP ? high : low)) {
                bringing.work.find(new FenceFinding.EndOfRange(bringing.in.at(note)));
            }
            bringing.work.move(note, only, new Choice(Why.ONLY, only, only));
        } else if (moveTo != MoveTo.NEAREST) {
            int chosen = moveTo == MoveTo.UP ? high : low;
            bringing.work.move(note, chosen, new Choice(moveTo == MoveTo.UP ? Why.GOING_UP : Why.GOING_DOWN, chosen, chosen));
        } else if (pitch - low == high - pitch) {
            boolean up = tieBreak == TieBreak.UP;
            bringing.work.move(note, up ? high : low, up ? new Choice(Why.TIE_TO_HIGHER, high, low) : new Choice(Why.TIE_TO_LOWER, low, high));
        } else {
            boolean down = pitch - low < high - pitch;
            bringing.work.move(note, down ? low : high, new Choice(Why.NEARER, down ? low : high, down ? high : low));
        }
    }

    /** The books of one application, with the inside pitches near each note. */
    private static final class Bringing {
        final Line in;
        final NoteArrays notes;
        final Surroundings around;
        private final Work work;
        private final LetPass.Judge passing;
        private final boolean strongChords;
        private final Map<PitchClassSet, Neighbours> near = new HashMap<>();
        /** What was asked for last: mostly the same for many notes. */
        private Neighbours latest = new Neighbours(PitchClassSet.EMPTY);

        Bringing(Line in, Surroundings around, LetPass letPass, boolean strongChords) {
            this.strongChords = strongChords;
            this.in = in;
            this.notes = NoteArrays.of(in.columns());
            this.around = around;
            this.work = new Work(in, around);
            this.passing = letPass.judge(in, around);
        }

        /** The inside pitches near each at a tick. */
        Neighbours neighbours(long tick) {
            PitchClassSet inside = inside(tick);
            if (inside != latest.inside() && !inside.equals(latest.inside())) {
                latest = near.computeIfAbsent(inside, Neighbours::new);
            }
            return latest;
        }

        /** What is inside at a tick: the fence or, on strong beats when that is asked for, the chord that sounds. */
        private PitchClassSet inside(long tick) {
            PitchClassSet chord = strongChords && BeatPlace.of(tick, around.time()).isStrong() ? around.chords().at(tick) : PitchClassSet.EMPTY;
            return chord.isEmpty() ? around.fence().at(tick) : chord;
        }

        boolean isOutside(int note) {
            return !neighbours(notes.start(note)).isInside(notes.pitch(note)) && !around.fence().isAllowedByHand(in.columns().id(note));
        }

        /** Whether a note that is outside may go somewhere else. */
        boolean mayMove(int note) {
            return around.isFree(in.columns().id(note)) && passing.of(note).isEmpty();
        }

        /** A note that is outside stays, and why. */
        void keepOutside(int note) {
            long id = in.columns().id(note);
            if (!around.picked().contains(id)) {
                work.keep(note);
            } else if (around.left().contains(id)) {
                work.leave(in.at(note), new Reason.LeftByHand());
            } else {
                passing.of(note).ifPresentOrElse(reason -> work.leave(in.at(note), reason), () -> work.keep(note));
            }
        }
    }
}
