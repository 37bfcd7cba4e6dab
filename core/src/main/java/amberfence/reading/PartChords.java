package amberfence.reading;

import amberfence.notes.ChordSpan;
import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.TimeMap;
import amberfence.theory.Chord;
import amberfence.theory.ChordKind;
import amberfence.theory.ChordNames;
import amberfence.theory.ChordTone;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Spelling;
import amberfence.theory.Voicing;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The harmony that a part plays, with no need to write symbols. Chords that are struck are taken exactly as they sound,
 * each while it sounds; a part that seldom strikes two notes together (an arpeggio, a bassline) is read by
 * {@link ChordReader}, and under a tune go {@link TuneChords}.
 */
public final class PartChords {
    /** The member that each number of semitones above the root is, in a chord that has no name. */
    private static final List<ChordTone> MEMBERS = List.of("1", "b9", "9", "b3", "3", "11", "b5", "5", "#5", "13", "b7", "7").stream()
            .map(ChordTone::parse).toList();
    private final TimeMap time;
    private final FenceLine fence;
    /** Chords by what sounds: pitch classes and bass as bits, and the key. */
    private final Map<List<Object>, Chord> named = new HashMap<>();

    private PartChords(TimeMap time, FenceLine fence) {
        this.time = time;
        this.fence = fence;
    }

    /** The chords of a line, in time; where it is silent there is none. */
    public static Progression of(Line line, TimeMap time, FenceLine fence) {
        return line.isEmpty() ? Progression.EMPTY : new PartChords(time, fence).read(line);
    }

    private Progression read(Line line) {
        List<List<Note>> strokes = Strokes.of(line.notes(), time);
        long chords = strokes.stream().filter(stroke -> pitchClasses(stroke).size() > 1).count();
        if (2 * chords < strokes.size()) {
            List<ChordSpan> read = new ArrayList<>();
            for (ReadChord chord : TuneChords.isTune(line) ? TuneChords.under(line, time, fence) : ChordReader.read(List.of(line), time, fence)) {
                read.add(ChordSpan.of(read.size() + 1, chord.start(), chord.end(), chord.chord()));
            }
            return new Progression(read);
        }
        return struck(strokes);
    }

    private Progression struck(List<List<Note>> strokes) {
        List<ChordSpan> spans = new ArrayList<>();
        List<Note> sounding = new ArrayList<>();
        for (int i = 0; i < strokes.size(); i++) {
            List<Note> stroke = strokes.get(i);
            long start = stroke.get(0).start();
            sounding.removeIf(note -> note.end() <= start + Strokes.together(time));
            sounding.addAll(stroke);
            PitchClassSet set = pitchClasses(sounding);
            long last = sounding.stream().mapToLong(Note::end).max().orElseThrow();
            long end = i + 1 < strokes.size() ? Math.min(last, strokes.get(i + 1).get(0).start()) : last;
            if (set.size() > 1 && end > start) {
                spans.add(ChordSpan.of(spans.size() + 1, start, end, chord(set, sounding, fence.spellingAt(start)))
                        .withVoicing(Voicing.of(sounding.stream().map(Note::pitch).toList())));
            }
        }
        return new Progression(spans);
    }

    private static PitchClassSet pitchClasses(List<Note> notes) {
        return PitchClassSet.of(notes.stream().mapToInt(Note::pitch).toArray());
    }

    private Chord chord(PitchClassSet set, List<Note> sounding, Spelling spelling) {
        PitchClass bass = PitchClass.of(sounding.stream().mapToInt(Note::pitch).min().orElseThrow());
        return named.computeIfAbsent(List.of(set, bass, spelling.key()), key -> ChordNames.best(set, bass, spelling)
                .filter(chord -> chord.pitchClasses().equals(set)).orElseGet(() -> unnamed(set, bass, spelling)));
    }

    /** Any set of notes is a chord on its lowest. */
    private static Chord unnamed(PitchClassSet set, PitchClass bass, Spelling spelling) {
        PitchClassSet above = set.transposed(-bass.number());
        List<ChordTone> members = IntStream.range(0, PitchClass.COUNT).filter(above::containsPitch).mapToObj(MEMBERS::get).toList();
        String suffix = members.stream().skip(1).map(ChordTone::plainText).collect(Collectors.joining(" ", "(", ")"));
        return Chord.of(spelling.name(bass), new ChordKind(suffix, List.of(), members, Texts.say("notes without a name")));
    }
}
