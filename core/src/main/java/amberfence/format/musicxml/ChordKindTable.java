package amberfence.format.musicxml;

import amberfence.theory.ChordKind;
import amberfence.theory.ChordTone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.audiveris.proxymusic.DegreeTypeValue;
import org.audiveris.proxymusic.KindValue;

/**
 * The kinds of chords of the standard (MusicXML 4.0, type {@code kind-value}, by the words of its documentation), and how other
 * kinds are put together from them with degrees.
 */
final class ChordKindTable {
    private static final Map<KindValue, List<ChordTone>> TONES = new EnumMap<>(KindValue.class);

    static {
        Stream.of("MAJOR 1 3 5", "MINOR 1 b3 5", "AUGMENTED 1 3 #5", "DIMINISHED 1 b3 b5", "DOMINANT 1 3 5 b7", "MAJOR_SEVENTH 1 3 5 7", "MINOR_SEVENTH 1 b3 5 b7",
                "DIMINISHED_SEVENTH 1 b3 b5 bb7", "AUGMENTED_SEVENTH 1 3 #5 b7", "HALF_DIMINISHED 1 b3 b5 b7", "MAJOR_MINOR 1 b3 5 7", "MAJOR_SIXTH 1 3 5 6",
                "MINOR_SIXTH 1 b3 5 6", "DOMINANT_NINTH 1 3 5 b7 9", "MAJOR_NINTH 1 3 5 7 9", "MINOR_NINTH 1 b3 5 b7 9", "DOMINANT_11_TH 1 3 5 b7 9 11",
                "MAJOR_11_TH 1 3 5 7 9 11", "MINOR_11_TH 1 b3 5 b7 9 11", "DOMINANT_13_TH 1 3 5 b7 9 11 13", "MAJOR_13_TH 1 3 5 7 9 11 13",
                "MINOR_13_TH 1 b3 5 b7 9 11 13", "SUSPENDED_SECOND 1 2 5", "SUSPENDED_FOURTH 1 4 5", "POWER 1 5").forEach(line -> {
                    String[] words = line.split(" ", 2);
                    TONES.put(KindValue.valueOf(words[0]), Stream.of(words[1].split(" ")).map(ChordTone::parse).toList());
                });
    }

    /** Kinds that are only read: sixths that follow from where they lead, on the root that is written, and a name for one chord. */
    private static final Map<KindValue, List<ChordTone>> READ_ONLY = Map.of(KindValue.NEAPOLITAN, tones("1 3 5"), KindValue.ITALIAN, tones("1 3 b7"),
            KindValue.FRENCH, tones("1 3 b5 b7"), KindValue.GERMAN, tones("1 3 5 b7"), KindValue.TRISTAN, tones("1 b3 b5 b7"), KindValue.OTHER, tones("1"),
            KindValue.PEDAL, tones("1"));

    /** One more tone, one that is altered, or one that is missing; the alteration in semitones as the standard counts it. */
    record Change(DegreeTypeValue type, int number, int alteration) {
    }

    /** A kind of the standard with what is changed in it. */
    record Written(KindValue kind, List<Change> changes) {
    }

    private ChordKindTable() {
    }

    private static List<ChordTone> tones(String text) {
        return Stream.of(text.split(" ")).map(ChordTone::parse).toList();
    }

    /** The tones of a kind with what is changed; nothing for a kind without any, or one that cannot be. */
    static Optional<ChordKind> read(KindValue kind, List<Change> changes) {
        List<ChordTone> tones = new ArrayList<>(TONES.getOrDefault(kind, READ_ONLY.getOrDefault(kind, List.of())));
        if (tones.isEmpty()) {
            return Optional.empty();
        }
        try {
            for (Change change : changes) {
                Optional<ChordTone> there = tones.stream().filter(tone -> tone.number() == change.number).findFirst();
                if (change.type == DegreeTypeValue.SUBTRACT) {
                    there.filter(tone -> tone.number() > 1).ifPresent(tones::remove);
                } else if (change.type == DegreeTypeValue.ALTER && there.isPresent()) {
                    tones.set(tones.indexOf(there.get()), new ChordTone(change.number, there.get().alteration() + change.alteration));
                } else {
                    tones.add(new ChordTone(change.number, change.alteration + dominant(change.number)));
                }
            }
            return tones.contains(ChordTone.ROOT) ? Optional.of(ChordKind.of(tones)) : Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** Added tones are counted from a dominant chord: a seventh is minor. */
    private static int dominant(int number) {
        return number == 7 ? -1 : 0;
    }

    /** The kind of the standard that fits, else the one that needs the fewest changes; of several the smallest. */
    static Written write(ChordKind kind) {
        return TONES.keySet().stream().map(some -> new Written(some, changes(TONES.get(some), kind.tones())))
                .min(Comparator.<Written>comparingInt(some -> some.changes.size()).thenComparingInt(some -> TONES.get(some.kind).size())).orElseThrow();
    }

    private static List<Change> changes(List<ChordTone> from, List<ChordTone> to) {
        List<Change> changes = new ArrayList<>();
        for (ChordTone tone : from) {
            List<ChordTone> same = to.stream().filter(other -> other.number() == tone.number()).toList();
            if (same.isEmpty()) {
                changes.add(new Change(DegreeTypeValue.SUBTRACT, tone.number(), 0));
            } else if (!same.contains(tone)) {
                changes.add(new Change(DegreeTypeValue.ALTER, tone.number(), same.get(0).alteration() - tone.alteration()));
            }
        }
        for (ChordTone tone : to) {
            boolean altered = changes.stream().anyMatch(change -> change.number == tone.number() && change.type == DegreeTypeValue.ALTER)
                    && to.stream().filter(other -> other.number() == tone.number()).findFirst().orElseThrow().equals(tone);
            if (!from.contains(tone) && !altered) {
                changes.add(new Change(DegreeTypeValue.ADD, tone.number(), tone.alteration() - dominant(tone.number())));
            }
        }
        return changes;
    }
}
