package amberfence.analysis;

import amberfence.notes.ChordSpan;
import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Progression;
import amberfence.reading.ChordReader;
import amberfence.reading.ReadChord;
import amberfence.reading.RulingChords;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;

/** Reads a song through: all that may be wrong in it, in order of time, part and pitch. Of drums only doubled notes are told. */
public final class ReadThrough {
    private static final Map<DoubtKind, Finder> FINDERS = new EnumMap<>(Map.of(DoubtKind.OUTSIDE, new OutsideFinder(), DoubtKind.CLASH, new ClashFinder(),
            DoubtKind.UNISON, new TwiceFinder(), DoubtKind.DOUBLED, new TwiceFinder(), DoubtKind.OVERLAP, new OverlapFinder(), DoubtKind.LEAP, new LeapFinder(),
            DoubtKind.RANGE, new RangeFinder(), DoubtKind.OFF_GRID, new OffGridFinder()));

    private ReadThrough() {
    }

    /**
     * What was found.
     *
     * @param open what nobody has left yet
     * @param left what was left as it is, and is so still
     */
    public record Found(List<Doubt> open, List<Doubt> left) {
    }

    /** What may be wrong, without what was left; see {@link #read}. */
    public static List<Doubt> of(Song song, Map<Integer, Line> lines, Set<DoubtKind> kinds) {
        return read(song, lines, kinds).open();
    }

    /**
     * What may be wrong, in order of time, part and pitch.
     *
     * @param lines what each part plays, by its identity
     */
    public static Found read(Song song, Map<Integer, Line> lines, Set<DoubtKind> kinds) {
        Map<Boolean, List<Doubt>> found = all(song, lines, kinds).stream().collect(Collectors.partitioningBy(doubt -> song.left().contains(doubt.kind().text(),
                doubt.note())));
        return new Found(found.get(false), found.get(true));
    }

    private static List<Doubt> all(Song song, Map<Integer, Line> lines, Set<DoubtKind> kinds) {
        FenceLine fence = song.fence().along(song.time());
        RulingChords ruling = new RulingChords(chords(song, lines, kinds, fence), true, song.time());
        List<Doubt> found = new ArrayList<>();
        for (Part part : song.parts()) {
            PartReading reading = new PartReading(part, lines.get(part.id()), fence, song.time(), ruling, program(song, part));
            FINDERS.forEach((kind, finder) -> {
                if (kinds.contains(kind) && (!part.isDrums() || kind == DoubtKind.DOUBLED)) {
                    finder.find(reading).stream().filter(doubt -> doubt.kind() == kind).forEach(found::add);
                }
            });
        }
        if (kinds.contains(DoubtKind.PARALLEL)) {
            found.addAll(ParallelFinder.find(song.parts(), lines, song.time()));
        }
        if (kinds.contains(DoubtKind.CHORD)) {
            found.addAll(ChordFinder.find(song, lines));
        }
        if (kinds.contains(DoubtKind.KEY)) {
            found.addAll(KeyChangeFinder.find(song, lines, fence));
        }
        Map<Integer, Integer> places = new HashMap<>();
        song.parts().forEach(part -> places.put(part.id(), places.size()));
        found.sort(Comparator.comparingLong(Doubt::tick).thenComparingInt(doubt -> places.get(doubt.part())).thenComparingInt(doubt -> doubt.note().pitch())
                .thenComparing(Doubt::kind));
        return found;
    }

    /** The one that was chosen, or that the file gives. */
    private static OptionalInt program(Song song, Part part) {
        return part.sound().program().isPresent() ? part.sound().program() : song.source().program(part.channel());
    }

    /** The song's own, or those that all parts sound together. */
    private static Progression chords(Song song, Map<Integer, Line> lines, Set<DoubtKind> kinds, FenceLine fence) {
        if (!song.progression().isEmpty() || !kinds.contains(DoubtKind.CLASH)) {
            return song.progression();
        }
        List<Line> pitched = song.parts().stream().filter(part -> !part.isDrums()).map(part -> lines.get(part.id())).toList();
        List<ChordSpan> spans = new ArrayList<>();
        for (ReadChord chord : ChordReader.read(pitched, song.time(), fence)) {
            spans.add(ChordSpan.of(spans.size() + 1, chord.start(), chord.end(), chord.chord()));
        }
        return new Progression(spans);
    }
}
