package amberfence.step.fit;

import amberfence.reading.BeatPlace;
import amberfence.reading.Clashes;
import amberfence.reading.RulingChords;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.step.ChordSource.Gaps;
import amberfence.step.ChordSource;
import amberfence.step.Outcome;
import amberfence.step.Reason;
import amberfence.step.Surroundings;
import amberfence.step.SettingType;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Work;
import amberfence.step.fence.Neighbours;
import amberfence.step.fence.ShapedLine;
import amberfence.theory.MusicTextException;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongUnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Fits a melody to the chords: what falls on a strong beat goes to a note of the chord, the rest inside the fence, and the
 * line keeps its shape as a whole. Or only lists what clashes, and resolves each clash as a person chooses.
 *
 * @param ways the clashes that are resolved; they count with {@link Mode#CLASHES}
 */
public record FitMelody(ChordSource source, Mode mode, List<Way> ways) implements FitStep {
    /** What is done. */
    public enum Mode {
        /** All strong beats to chord notes. */
        FIT,
        /** Clashes are listed, and changed only where a way is chosen. */
        CLASHES
    }

    /**
     * How a clash is resolved.
     *
     * @param note identity of the note
     * @param up to the next chord note above it, else below
     */
    public record Way(long note, boolean up) {
        private static final Pattern TEXT = Pattern.compile("(-?\\d{1,19}) (up|down)");

        String text() {
            return note + (up ? " up" : " down");
        }

        static Way parse(String text) {
            Matcher matcher = TEXT.matcher(text.strip());
            if (!matcher.matches()) {
                throw new MusicTextException("“" + text + "” resolves nothing; write the number of a note and up or down");
            }
            return new Way(Long.parseLong(matcher.group(1)), matcher.group(2).equals("up"));
        }
    }

    public static final FitMelody USUAL = new FitMelody(ChordSource.USUAL, Mode.FIT, List.of());
    public static final StepSchema<FitMelody> SCHEMA = FitStep.chords(StepSchema.of("fit-melody", "Fit melody", StepGroup.CHORDS,
            "Strong beats to chord notes and the rest inside; or lists what clashes, with ways to resolve each.", USUAL))
            .choice("what", "whether the line is fitted, or only clashes are shown", Mode.class, FitMelody::mode, FitMelody::withMode)
            .worded("What", "fit the line", "only show clashes")
            .with("resolved", "notes that are resolved by hand, up or down", SettingType.Kind.PATTERN, (step, texts) -> step.ways.stream()
                    .map(Way::text).collect(Collectors.joining(",")), (step, text, texts) -> new FitMelody(step.source, step.mode,
                    Arrays.stream(text.split(",")).filter(way -> !way.isBlank()).map(Way::parse).toList())).bound();

    public FitMelody {
        source = source == null ? ChordSource.USUAL : source;
        ways = ways == null ? List.of() : List.copyOf(ways);
    }

    @Override
    public FitMelody withSource(ChordSource newSource) {
        return new FitMelody(newSource, mode, ways);
    }

    public FitMelody withMode(Mode newMode) {
        return new FitMelody(source, newMode, ways);
    }

    /** With a clash resolved; nothing chosen leaves the note as it is. */
    public FitMelody withWay(long note, Optional<Boolean> up) {
        List<Way> changed = new ArrayList<>(ways.stream().filter(way -> way.note() != note).toList());
        up.ifPresent(direction -> changed.add(new Way(note, direction)));
        return new FitMelody(source, mode, changed);
    }

    @Override
    public FitMelody unresolved(long note) {
        return mode == Mode.CLASHES ? withWay(note, Optional.empty()) : this;
    }

    @Override
    public FitMelody renamed(LongUnaryOperator renaming) {
        return new FitMelody(source, mode, ways.stream().map(way -> new Way(renaming.applyAsLong(way.note()), way.up())).toList());
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        return underChords(in, around, (ruling, work) -> {
            if (mode == Mode.FIT) {
                new Fitting(in, around, ruling, work).fit();
            } else {
                resolve(in, around, ruling, work);
            }
        });
    }

    private void resolve(Line in, Surroundings around, RulingChords ruling, Work work) {
        Map<Long, Boolean> chosen = new HashMap<>();
        ways.forEach(way -> chosen.put(way.note(), way.up()));
        for (Note note : in.notes()) {
            Optional<Clashes.Clash> clash = around.picked().contains(note) ? Clashes.of(note, ruling, around.time())
                    : Optional.empty();
            if (clash.isEmpty()) {
                work.keep(note);
                continue;
            }
            int chord = clash.get().chord();
            Neighbours neighbours = new Neighbours(ruling.notes(chord));
            int down = neighbours.below(note.pitch());
            int up = neighbours.above(note.pitch());
            int to = !chosen.containsKey(note.id()) ? note.pitch() : chosen.get(note.id()) ? up : down;
            if (to == note.pitch() || to == Neighbours.NONE) {
                work.leave(note, new FitReason.Clashing(ruling.text(chord), clash.get().kind() == Clashes.Kind.SEMITONE_ABOVE
                        ? ruling.role(chord, clash.get().against()) : "", down, up));
            } else {
                work.change(note, note.withPitch(to), Members.reason(ruling, chord, to));
            }
        }
    }

    /** One fitting of a whole line. */
    private final class Fitting {
        private final List<Note> notes;
        private final Surroundings around;
        private final RulingChords ruling;
        private final Work work;
        private final Chordless chordless;
        private final Map<PitchClassSet, Neighbours> near = new HashMap<>();
        private final int[] low;
        private final int[] high;
        private final boolean[] strong;
        private final boolean[] leftByHand;

        Fitting(Line in, Surroundings around, RulingChords ruling, Work work) {
            this.notes = in.notes();
            this.around = around;
            this.ruling = ruling;
            this.work = work;
            this.chordless = new Chordless(source.gaps(), around);
            this.low = new int[notes.size()];
            this.high = new int[notes.size()];
            this.strong = new boolean[notes.size()];
            this.leftByHand = new boolean[notes.size()];
        }

        void fit() {
            for (int i = 0; i < notes.size(); i++) {
                choose(i);
            }
            ShapedLine shaped = new ShapedLine(notes, low, high);
            for (int i = 0; i < notes.size(); i++) {
                Note note = notes.get(i);
                int chord = ruling.over(note);
                int pitch = shaped.pitch(i);
                if (leftByHand[i]) {
                    work.leave(note, new Reason.LeftByHand());
                } else if (chord == RulingChords.NONE) {
                    chordless.treat(note, pitch, work);
                } else if (strong[i]) {
                    work.change(note, note.withPitch(pitch), new FitReason.OnStrongBeat(ruling.text(chord), ruling.role(chord, pitch)));
                } else {
                    work.change(note, note.withPitch(pitch), shaped.reason(i));
                }
            }
            shaped.findLostSteps(work);
            chordless.report(work);
        }

        /** The two pitches between which a note may choose, which are its own where it may stay. */
        private void choose(int i) {
            Note note = notes.get(i);
            low[i] = note.pitch();
            high[i] = note.pitch();
            int chord = ruling.over(note);
            if (!around.picked().contains(note) || chord == RulingChords.NONE && source.gaps() == Gaps.LEAVE) {
                return;
            }
            PitchClassSet allowed = around.fence().at(note.start());
            if (chord != RulingChords.NONE) {
                strong[i] = BeatPlace.of(note.start(), around.time()).isStrong();
                allowed = strong[i] ? ruling.notes(chord) : allowed.union(ruling.notes(chord));
            }
            if (allowed.containsPitch(note.pitch()) || !strong[i] && around.fence().isAllowedByHand(note)) {
                return;
            }
            leftByHand[i] = around.left().contains(note);
            if (leftByHand[i]) {
                return;
            }
            Neighbours neighbours = near.computeIfAbsent(allowed, Neighbours::new);
            low[i] = neighbours.below(note.pitch());
            high[i] = neighbours.above(note.pitch());
            if (low[i] == Neighbours.NONE || high[i] == Neighbours.NONE) {
                low[i] = Math.max(low[i], high[i]);
                high[i] = low[i];
            }
        }
    }
}
