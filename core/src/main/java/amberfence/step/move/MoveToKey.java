package amberfence.step.move;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.Finding;
import amberfence.step.Outcome;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.step.fence.Candidates;
import amberfence.step.fence.Neighbours;
import amberfence.step.fence.ShapedLine;
import amberfence.theory.Degree;
import amberfence.theory.Key;
import amberfence.theory.KeyKin;
import amberfence.theory.KeyLadder;
import amberfence.theory.Octaves;
import amberfence.theory.PitchClass;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Moves notes to another key. Scales of one size go degree to degree, outside notes keeping their alteration. Between
 * different sizes, notes whose degree number the other scale has take that degree; the rest go to the nearest inside
 * note, the line keeping its shape. The steps that follow work in the new key.
 *
 * @param from the key to come from; empty for the song's own at each note
 * @param to the key to go to
 * @param way which way the tonic moves
 */
public record MoveToKey(Optional<Key> from, Key to, Way way) implements Step {
    /** Which way the tonic moves. */
    public enum Way {
        /** The shorter way; six semitones go up. */
        NEAREST, UP, DOWN
    }

    private static final int OCTAVE = PitchClass.COUNT;
    /** To C major, the shorter way. */
    public static final MoveToKey USUAL = new MoveToKey(Optional.empty(), Key.parse("C major"), Way.NEAREST);
    public static final StepSchema<MoveToKey> SCHEMA = StepSchema.of("to-key", "Move to another key", StepGroup.PITCH,
            "Carries notes over to another key, degree by degree.", USUAL).live().needingKey(step -> true)
            .with("from", "the key to come from, or song for its own", SettingType.Kind.KEY, (step, texts) -> step.from
                    .map(Key::plainText).orElse("song"), (step, text, texts) -> new MoveToKey(text.strip().equals("song")
                    ? Optional.empty() : Optional.of(Key.parse(text)), step.to, step.way)).worded("From")
            .key("to", "the key to go to", MoveToKey::to, (step, to) -> new MoveToKey(step.from, to, step.way))
            .worded("To").required("\"F major\"")
            .choice("way", "which way the tonic moves", Way.class, MoveToKey::way, (step, way) -> new MoveToKey(step.from, step.to, way))
            .worded("Tonic moves", "the shorter way", "up", "down")
            .example("notes: C4 D4 E4 G4", "step: to-key to=\"Eb major\"", "becomes: Eb4 F4 G4 Bb4");

    public MoveToKey {
        from = from == null ? Optional.empty() : from;
    }

    /** To the minor key on the same tonic, or the major one of a minor key. */
    @Override
    public MoveToKey fitted(Line line, Surroundings around) {
        Key own = around.fence().keyAt(line.isEmpty() ? 0 : line.notes().get(0).start());
        return new MoveToKey(from, KeyKin.PARALLEL_MINOR.of(own).or(() -> KeyKin.PARALLEL_MAJOR.of(own)).orElse(to), way);
    }

    @Override
    public Surroundings following(Surroundings around) {
        return around.withKey(to);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        return new Moving(in, around).outcome();
    }

    /** Semitones that a tonic moves by. */
    private int shift(Key start) {
        int up = to.tonic().pitchClass().above(start.tonic().pitchClass());
        return switch (way) {
            case UP -> up;
            case DOWN -> up == 0 ? 0 : up - OCTAVE;
            case NEAREST -> up > OCTAVE / 2 ? up - OCTAVE : up;
        };
    }

    /** One line on its way. */
    private final class Moving {
        private final Line line;
        private final List<Note> notes;
        private final Surroundings around;
        private final KeyLadders ladders;
        private final KeyLadder target = KeyLadder.of(to);
        private final Neighbours inside = new Neighbours(to.pitchClasses());
        private final Candidates candidates;
        private final boolean[] byDegree;

        Moving(Line line, Surroundings around) {
            this.line = line;
            this.notes = line.notes();
            this.around = around;
            this.ladders = new KeyLadders(around.fence());
            this.candidates = new Candidates(notes.size());
            this.byDegree = new boolean[notes.size()];
        }

        private Key start(Note note) {
            return from.orElseGet(() -> around.fence().keyAt(note.start()));
        }

        Outcome outcome() {
            // What keeps its degree is settled; what has none in the new scale is weighed with it, line by line.
            Note[] shifted = new Note[notes.size()];
            Work work = new Work(line, around);
            for (int i = 0; i < notes.size(); i++) {
                shifted[i] = placed(i, work);
            }
            ShapedLine shaped = new ShapedLine(List.of(shifted), candidates);
            for (int i = 0; i < notes.size(); i++) {
                Note note = notes.get(i);
                int pitch = shaped.pitch(i);
                work.change(note, note.withPitch(pitch), byDegree[i] ? new MoveReason.SameDegree(note.pitch(), start(note), pitch, to)
                        : shaped.reason(i));
            }
            return work.outcome();
        }

        /** Finds the candidates of a note, and returns the note as it would be if everything only moved by the tonics. */
        private Note placed(int i, Work work) {
            Note note = notes.get(i);
            if (!around.isFree(note)) {
                candidates.settle(i, note.pitch());
                return note;
            }
            KeyLadder ladder = ladders.of(start(note));
            int shift = shift(ladder.key());
            Optional<Integer> direct = ladder.size() == target.size()
                    ? Optional.of(degreeToDegree(note.pitch(), ladder, shift)) : sameNumber(note.pitch(), ladder, shift);
            int wanted = direct.orElse(note.pitch() + shift);
            int taken = Octaves.within(wanted);
            if (taken != wanted) {
                work.find(new Finding.OctaveBack(note, taken));
            }
            byDegree[i] = direct.isPresent() || inside.isInside(taken);
            if (byDegree[i]) {
                candidates.settle(i, taken);
            } else {
                candidates.near(i, taken, inside);
            }
            return note.withPitch(Octaves.within(note.pitch() + shift));
        }

        private int degreeToDegree(int pitch, KeyLadder ladder, int shift) {
            KeyLadder.Place place = ladder.place(pitch);
            int octaves = (ladder.key().tonic().pitchClass().number() + shift - to.tonic().pitchClass().number()) / OCTAVE;
            return target.pitch(new KeyLadder.Place(place.rung() + octaves * target.size(), place.alteration()));
        }

        /** The degree of the same number, the nearest in alteration, if the note is inside and the other scale has one. */
        private Optional<Integer> sameNumber(int pitch, KeyLadder ladder, int shift) {
            KeyLadder.Place place = ladder.place(pitch);
            if (place.alteration() != 0) {
                return Optional.empty();
            }
            Degree own = ladder.key().scale().degrees().get(Math.floorMod(place.rung(), ladder.size()));
            return to.scale().degrees().stream().filter(degree -> degree.number() == own.number())
                    .map(degree -> degree.semitones() - own.semitones())
                    .min(Comparator.comparingInt((Integer moved) -> Math.abs(moved)).thenComparingInt(moved -> moved))
                    .map(moved -> pitch + shift + moved);
        }
    }
}
