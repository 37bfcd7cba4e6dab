package amberfence.analysis;

import amberfence.notes.Note;
import amberfence.reading.Strokes;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Notes outside the fence. */
final class OutsideFinder implements Finder {
    private static final int MOST_BESIDE_ALLOWING = 2;

    @Override
    public List<Doubt> find(PartReading reading) {
        List<Doubt> found = new ArrayList<>();
        for (List<Note> chord : Strokes.of(reading.line().notes(), reading.time())) {
            List<Note> outside = chord.stream().filter(note -> !reading.fence().isInside(note)).toList();
            Optional<Mend> whole = outside.size() > 1 ? Optional.of(wholeChord(chord, outside, reading)) : Optional.empty();
            for (Note note : outside) {
                List<Mend> mends = new ArrayList<>(nearest(note, reading.fence().at(note.start())));
                whole.ifPresent(all -> mends.add(Math.min(1, mends.size()), all));
                if (mends.size() > MOST_BESIDE_ALLOWING) {
                    mends.remove(mends.size() - 1);
                }
                mends.add(new Mend.Allow(note.id()));
                String key = reading.fence().keyAt(note.start()).text();
                found.add(new Doubt(DoubtKind.OUTSIDE, reading.part().id(), List.of(note), names -> Texts.say("%s is outside %s", names.apply(note.pitch()), key),
                        mends));
            }
        }
        return found;
    }

    /** Each outside note of a chord to the nearer inside pitch, or to the other one where the chord has that already. */
    private static Mend wholeChord(List<Note> chord, List<Note> outside, PartReading reading) {
        Set<Integer> taken = new HashSet<>(chord.stream().filter(reading.fence()::isInside).map(Note::pitch).toList());
        Map<Long, Integer> pitches = new HashMap<>();
        for (Note note : outside) {
            List<Integer> ways = nearest(note, reading.fence().at(note.start())).stream().map(way -> ((Mend.ToPitch) way).pitch()).toList();
            int pitch = ways.stream().filter(way -> !taken.contains(way)).findFirst().orElse(ways.get(0));
            taken.add(pitch);
            pitches.put(note.id(), pitch);
        }
        return new Mend.WholeChord(pitches);
    }

    /** The nearest pitches of a set below and above, the nearer first; alike, the lower. */
    static List<Mend> nearest(Note note, PitchClassSet set) {
        int below = note.pitch();
        int above = note.pitch();
        while (below >= Range.PITCH.lowest() && (below == note.pitch() || !set.containsPitch(below))) {
            below--;
        }
        while (above <= Range.PITCH.highest() && (above == note.pitch() || !set.containsPitch(above))) {
            above++;
        }
        List<Mend> mends = new ArrayList<>();
        if (below >= Range.PITCH.lowest() && !set.isEmpty()) {
            mends.add(new Mend.ToPitch(note.id(), below));
        }
        if (above <= Range.PITCH.highest() && !set.isEmpty()) {
            mends.add(above - note.pitch() < note.pitch() - below ? 0 : mends.size(), new Mend.ToPitch(note.id(), above));
        }
        return mends;
    }
}
