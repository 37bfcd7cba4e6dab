package amberfence.step.fit;

import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.step.Finding;
import amberfence.step.Outcome;
import amberfence.step.Reason;
import amberfence.step.Setting;
import amberfence.step.Step;
import amberfence.step.Work;
import amberfence.step.move.DegreeWords;
import amberfence.step.move.KeyLadders;
import amberfence.theory.KeyLadder;
import amberfence.theory.Octaves;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Adds one or more lines above or below, each note with the start, length and velocity of the note it goes with. Where the
 * note of a line is there already none is added.
 *
 * @param lines at least one; several at once make chords
 */
public record Harmony(Way way, List<HarmonyLine> lines) implements Step {
    /** What the distance keeps to. */
    public enum Way {
        /** Degrees of the scale; an outside note takes the harmony of its degree with the same alteration. */
        SCALE,
        /** Always the same semitones: a major third, a perfect fifth. */
        EXACT,
        /** Always the same semitones: a minor third, a perfect fifth. */
        EXACT_MINOR,
        /** The nearest chord note at least a minor or perfect interval away; along the scale where there is no chord. */
        CHORD
    }

    /** A third above, in the scale. */
    public static final Harmony USUAL = new Harmony(Way.SCALE, List.of(new HarmonyLine(3, true)));

    public Harmony {
        lines = List.copyOf(lines);
        if (lines.isEmpty()) {
            throw new IllegalArgumentException("a harmony has at least one line, as in third above");
        }
        if (new HashSet<>(lines).size() < lines.size()) {
            throw new IllegalArgumentException("each line of a harmony differs from the others, not " + lines);
        }
    }

    public Harmony withWay(Way newWay) {
        return new Harmony(newWay, lines);
    }

    public Harmony withLines(List<HarmonyLine> newLines) {
        return new Harmony(way, newLines);
    }

    @Override
    public Outcome apply(Line in, Setting setting) {
        if (setting.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, setting);
        if (way == Way.CHORD && setting.chords().isEmpty()) {
            work.find(new Finding.NoProgression());
        }
        KeyLadders ladders = new KeyLadders(setting.fence());
        Set<Place> there = new HashSet<>();
        in.notes().forEach(note -> there.add(Place.of(note)));
        for (Note note : in.notes()) {
            if (setting.picked().contains(note) && setting.left().contains(note)) {
                work.leave(note, new Reason.LeftByHand());
            } else if (setting.isFree(note)) {
                harmonize(note, setting, ladders.at(note), work, there);
            } else {
                work.keep(note);
            }
        }
        return work.outcome();
    }

    /** Where a note sounds, by which one that is there already is found. */
    private record Place(long start, int pitch, int channel) {
        static Place of(Note note) {
            return new Place(note.start(), note.pitch(), note.channel());
        }
    }

    private void harmonize(Note note, Setting setting, KeyLadder ladder, Work work, Set<Place> there) {
        Reason doubled = null;
        PitchClassSet chord = way == Way.CHORD ? setting.chords().at(note.start()) : PitchClassSet.EMPTY;
        for (HarmonyLine line : lines) {
            int wanted = wanted(note.pitch(), line, ladder, chord);
            Note added = note.withPitch(Octaves.within(wanted));
            if (!there.add(Place.of(added))) {
                doubled = new Reason.AvoidedUnison(added.pitch(), added.pitch());
                continue;
            }
            if (added.pitch() != wanted) {
                work.find(new Finding.OctaveBack(note, added.pitch()));
            }
            work.add(added, reason(note.pitch(), wanted, line, ladder, chord));
        }
        if (doubled == null) {
            work.keep(note);
        } else {
            work.leave(note, doubled);
        }
    }

    private int wanted(int pitch, HarmonyLine line, KeyLadder ladder, PitchClassSet chord) {
        if (way == Way.EXACT || way == Way.EXACT_MINOR) {
            return pitch + (way == Way.EXACT ? line.wide() : line.narrow());
        }
        if (chord.isEmpty()) {
            return ladder.moved(pitch, line.degrees());
        }
        int candidate = pitch + line.narrow();
        while (!chord.contains(PitchClass.of(candidate))) {
            candidate += line.above() ? 1 : -1;
        }
        return candidate;
    }

    private Reason reason(int pitch, int wanted, HarmonyLine line, KeyLadder ladder, PitchClassSet chord) {
        if (way == Way.EXACT || way == Way.EXACT_MINOR) {
            return new Reason.BySemitones(wanted - pitch);
        } else if (!chord.isEmpty()) {
            return new Reason.NearestChordNote(line.text());
        }
        KeyLadder.Place from = ladder.place(pitch);
        return new Reason.ByDegrees(line.degrees(), DegreeWords.of(ladder, from), DegreeWords.of(ladder, from.plus(line.degrees())));
    }
}
