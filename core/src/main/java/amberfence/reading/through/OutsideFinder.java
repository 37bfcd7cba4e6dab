package amberfence.reading.through;

import amberfence.song.Note;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;

/** Notes outside the fence. */
final class OutsideFinder implements Finder {
    @Override
    public List<Doubt> find(PartReading reading) {
        List<Doubt> found = new ArrayList<>();
        for (Note note : reading.line().notes()) {
            if (!reading.fence().isInside(note)) {
                List<Mend> mends = new ArrayList<>(nearest(note, reading.fence().at(note.start())));
                mends.add(new Mend.Allow(note.id()));
                String key = reading.fence().keyAt(note.start()).text();
                found.add(new Doubt(DoubtKind.OUTSIDE, reading.part().id(), List.of(note), names -> Texts.say("%s is outside %s", names.apply(note.pitch()), key),
                        mends));
            }
        }
        return found;
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
