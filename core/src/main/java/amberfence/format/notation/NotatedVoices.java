package amberfence.format.notation;

import amberfence.notes.Note;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Shares the notes of a part out to voices: in each, notes begin and end together or stand one after the other. */
public final class NotatedVoices {
    /** Notes that begin and end together, at places of the grid. */
    public record Together(long from, long to, List<Note> notes) {
    }

    private record Span(long from, long to) {
    }

    private NotatedVoices() {
    }

    /** What of a voice sounds in each bar. */
    public static List<List<Together>> inBars(List<Together> voice, List<NotatedBar> bars) {
        List<List<Together>> inBars = new ArrayList<>();
        int first = 0;
        for (NotatedBar bar : bars) {
            while (first < voice.size() && voice.get(first).to() <= bar.start()) {
                first++;
            }
            int behind = first;
            while (behind < voice.size() && voice.get(behind).from() < bar.end()) {
                behind++;
            }
            inBars.add(voice.subList(first, behind));
        }
        return inBars;
    }

    /** At least one voice, each in time. */
    public static List<List<Together>> of(List<Note> notes, NotatedGrid grid) {
        Map<Span, List<Note>> spans = new TreeMap<>(Comparator.comparingLong(Span::from).thenComparing(Comparator.comparingLong(Span::to).reversed()));
        for (Note note : notes) {
            long[] place = grid.place(note);
            spans.computeIfAbsent(new Span(place[0], place[1]), span -> new ArrayList<>()).add(note);
        }
        List<List<Together>> voices = new ArrayList<>(List.of(new ArrayList<>()));
        List<Long> ends = new ArrayList<>(List.of(0L));
        spans.forEach((span, together) -> {
            int voice = 0;
            while (voice < voices.size() && ends.get(voice) > span.from) {
                voice++;
            }
            if (voice == voices.size()) {
                voices.add(new ArrayList<>());
                ends.add(0L);
            }
            voices.get(voice).add(new Together(span.from, span.to, together));
            ends.set(voice, span.to);
        });
        return voices;
    }
}
