package amberfence.step.draw;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.Strokes;
import amberfence.step.NoteCount;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.theory.Octaves;
import amberfence.theory.PitchClass;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToIntFunction;

/** Writes one voice of a part. */
final class VoiceWriter {
    private static final Comparator<Note> FROM_ABOVE = Comparator.comparingInt(Note::pitch).reversed();
    private final Voice step;
    private final Surroundings around;
    private final Work work;

    VoiceWriter(Voice step, Surroundings around, Work work) {
        this.step = step;
        this.around = around;
        this.work = work;
    }

    void write(Line in, List<Note> source) {
        Making making = new Making(around, work);
        making.free(in).forEach(note -> making.replace(note, new DrawReason.Replaced()));
        int channel = in.isEmpty() ? around.channel() : in.notes().get(0).channel();
        Note last = null;
        Note from = null;
        for (Note taken : chosen(Strokes.of(source, around.time()))) {
            Note note = taken.withPitch(ranged(taken.pitch())).withChannel(channel);
            if (step.join() && last != null && last.pitch() == note.pitch() && last.end() >= note.start()) {
                last = last.withLength(Math.max(last.end(), note.end()) - last.start());
                continue;
            }
            make(making, from, last);
            last = note;
            from = taken;
        }
        make(making, from, last);
        making.write();
    }

    private void make(Making making, Note from, Note note) {
        if (note != null) {
            making.makeFrom(from.id(), note, new DrawReason.OneVoice(step.which(), (note.pitch() - from.pitch()) / PitchClass.COUNT));
        }
    }

    private int ranged(int pitch) {
        return step.range().map(range -> Octaves.within(pitch, range.lowest(), range.highest())).orElse(pitch);
    }

    private List<Note> chosen(List<List<Note>> groups) {
        if (step.which() instanceof Which.Line line) {
            return line(groups, line);
        }
        boolean below = step.which() instanceof Which.Below;
        int number = step.which() instanceof Which.Below from ? from.number() : ((Which.Above) step.which()).number();
        List<Note> chosen = new ArrayList<>();
        for (List<Note> group : groups) {
            List<Integer> pitches = new ArrayList<>(group.stream().map(Note::pitch).distinct().sorted().toList());
            if (!below) {
                Collections.reverse(pitches);
            }
            if (number <= pitches.size() || step.doubles()) {
                int pitch = pitches.get(Math.min(number, pitches.size()) - 1);
                chosen.add(group.stream().filter(note -> note.pitch() == pitch).findFirst().orElseThrow());
            }
        }
        return chosen;
    }

    private List<Note> line(List<List<Note>> groups, Which.Line line) {
        List<List<Note>> kept = new ArrayList<>();
        NoteCount lost = new NoteCount();
        for (List<Note> group : groups) {
            List<Note> sorted = group.stream().sorted(FROM_ABOVE).toList();
            List<Note> outer = outermost(sorted, line.of());
            if (outer.size() < sorted.size()) {
                lost.add(sorted.stream().filter(note -> !outer.contains(note)).findFirst().orElseThrow(), sorted.size() - outer.size());
            }
            kept.add(outer);
        }
        work.find(lost, (first, count) -> new DrawFinding.LeftOutOfLines(first, count, line.of()));
        List<Note> own = new ArrayList<>();
        VoiceLines.divide(kept, line.of(), work).forEach(row -> own.add(row[line.number() - 1]));
        return step.doubles() ? doubled(groups, own) : own.stream().filter(note -> note != null).toList();
    }

    /** The highest, the lowest, then inward, as many as there are lines; from high to low. */
    private static List<Note> outermost(List<Note> fromAbove, int lines) {
        if (fromAbove.size() <= lines) {
            return fromAbove;
        }
        int above = (lines + 1) / 2;
        List<Note> kept = new ArrayList<>(fromAbove.subList(0, above));
        kept.addAll(fromAbove.subList(fromAbove.size() - (lines - above), fromAbove.size()));
        return kept;
    }

    /** Where the line has no note, the one of the chord that is nearest to its own last, at the start to its next. */
    private static List<Note> doubled(List<List<Note>> groups, List<Note> own) {
        Note first = own.stream().filter(note -> note != null).findFirst().orElse(null);
        Note last = first;
        List<Note> line = new ArrayList<>();
        for (int i = 0; i < own.size() && last != null; i++) {
            last = own.get(i) == null ? last : own.get(i);
            int pitch = last.pitch();
            ToIntFunction<Note> away = note -> Math.abs(note.pitch() - pitch);
            line.add(own.get(i) != null ? own.get(i) : groups.get(i).stream().min(Comparator.comparingInt(away)).orElseThrow());
        }
        return line;
    }
}
