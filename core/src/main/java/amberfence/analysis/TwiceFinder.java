package amberfence.analysis;

import amberfence.notes.Note;
import amberfence.reading.Strokes;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;

/** One pitch twice on a channel: struck twice within a thirty-second, or struck anew while it sounds. */
final class TwiceFinder implements Finder {
    private static final int PITCHES = 128;
    private static final int CHANNELS = 16;

    @Override
    public List<Doubt> find(PartReading reading) {
        List<Doubt> found = new ArrayList<>();
        Note[] last = new Note[CHANNELS * PITCHES];
        long[] othersEnd = new long[CHANNELS * PITCHES];
        long together = Math.max(1, Strokes.together(reading.time()));
        for (Note note : reading.line().notes()) {
            int voice = note.channel() * PITCHES + note.pitch();
            Note before = last[voice];
            if (before != null && note.start() - before.start() < together) {
                found.add(new Doubt(DoubtKind.DOUBLED, reading.part().id(), List.of(note, before),
                        names -> Texts.say("%s is struck twice at once", names.apply(note.pitch())), List.of(new Mend.TakeAway(note.id()))));
            } else if (before != null && before.end() > note.start()) {
                found.add(new Doubt(DoubtKind.UNISON, reading.part().id(), List.of(note, before),
                        names -> Texts.say("%s begins anew while it still sounds", names.apply(note.pitch())),
                        waysOut(before, note, othersEnd[voice] > note.start())));
            }
            if (before == null || before.end() <= note.end() || note.start() - before.start() >= together) {
                last[voice] = before != null && before.end() > note.end() ? before : note;
            }
            if (before != null) {
                othersEnd[voice] = Math.max(othersEnd[voice], Math.min(before.end(), note.end()));
            }
        }
        return found;
    }

    /** Where yet another note of the pitch sounds, ending the one before would leave the place as it is. */
    private static List<Mend> waysOut(Note before, Note note, boolean moreSound) {
        List<Mend> ways = List.of(new Mend.EndAt(before.id(), note.start()), new Mend.Join(before.id(), note.id()), new Mend.TakeAway(note.id()));
        return moreSound ? ways.subList(1, ways.size()) : ways;
    }
}
