package amberfence.format.musicxml;

import amberfence.format.notation.KeySignatures;
import amberfence.notes.ChordSpan;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.KeySpan;
import amberfence.notes.Line;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.song.Credits;
import amberfence.song.LeftPlaces;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.ChordKinds;
import amberfence.theory.Key;
import amberfence.theory.NoteName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Songs with everything that notation can say, by chance and with shrinking. */
final class RandomScores {
    private static final List<String> MODES = List.of("major", "minor", "dorian", "phrygian", "lydian", "mixolydian", "locrian");

    private RandomScores() {
    }

    private record Raw(int start, int length, int pitch, int velocity, int release) {
    }

    private static Arbitrary<Raw> note() {
        return Combinators.combine(Arbitraries.integers().between(0, 9_000), Arbitraries.integers().between(1, 2_500), Arbitraries.integers().between(0, 127),
                Arbitraries.integers().between(1, 127), Arbitraries.integers().between(0, 127)).as(Raw::new);
    }

    /** Notes anywhere, and notes on a grid of sixteenths or eighth triplets of a song with 480 ticks. */
    private static Arbitrary<List<Raw>> line() {
        Arbitrary<Raw> onGrid = Combinators.combine(note(), Arbitraries.of(120, 160)).as((raw, cell) -> new Raw(raw.start / cell * cell,
                (raw.length / cell + 1) * cell, raw.pitch, raw.velocity, raw.release));
        return Arbitraries.oneOf(note().list().ofMaxSize(25), onGrid.list().ofMaxSize(40));
    }

    private static Arbitrary<TimeMap> time() {
        Arbitrary<int[]> metre = Arbitraries.of(List.of(new int[] {4, 4}, new int[] {3, 4}, new int[] {6, 8}, new int[] {7, 8}, new int[] {2, 2}, new int[] {5, 16}));
        Arbitrary<Tempo> tempo = Combinators.combine(Arbitraries.integers().between(0, 9_000), Arbitraries.integers().between(1, 0xFFFFFF)).as(Tempo::new);
        return Combinators.combine(Arbitraries.of(96, 100, 480, 960), metre, metre, Arbitraries.integers().between(0, 6_000), tempo.list().ofMaxSize(3))
                .as((ticks, first, second, change, tempos) -> {
                    List<Metre> metres = new ArrayList<>(List.of(new Metre(0, first[0], first[1])));
                    if (change > 0) {
                        metres.add(new Metre(change, second[0], second[1]));
                    }
                    List<Tempo> rising = new ArrayList<>(List.of(new Tempo(0, 400_000)));
                    tempos.stream().sorted(Comparator.comparingLong(Tempo::tick)).filter(some -> some.tick() > 0).forEach(some -> {
                        Tempo last = rising.get(rising.size() - 1);
                        if (some.tick() > last.tick() && some.microsecondsPerQuarter() != last.microsecondsPerQuarter()) {
                            rising.add(some);
                        }
                    });
                    return new TimeMap(ticks, rising, metres);
                });
    }

    private static Arbitrary<Key> key() {
        return Combinators.combine(Arbitraries.integers().between(-7, 7), Arbitraries.of(MODES)).as(KeySignatures::read);
    }

    private static Arbitrary<Chord> chord() {
        return Combinators.combine(Arbitraries.integers().between(-8, 10), Arbitraries.of(ChordKinds.all()), Arbitraries.integers().between(-8, 10), Arbitraries.of(true, false))
                .as((root, kind, bass, slash) -> {
                    Chord chord = Chord.of(NoteName.ofFifths(root), kind);
                    return slash ? chord.withBass(NoteName.ofFifths(bass)).respelled() : chord;
                });
    }

    static Arbitrary<Song> songs() {
        return Combinators.combine(time(), line().list().ofMinSize(1).ofMaxSize(3), Arbitraries.of(true, false), key(), key(),
                chord().list().ofMaxSize(6), Arbitraries.integers().between(1, 1_500), Arbitraries.of(0, 300)).as(RandomScores::song);
    }

    private static Song song(TimeMap time, List<List<Raw>> lines, boolean drums, Key first, Key second, List<Chord> chords, int chordLength, int gap) {
        List<Part> parts = new ArrayList<>();
        long id = 1;
        for (List<Raw> line : lines) {
            int index = parts.size();
            int channel = drums && index == 2 ? Song.PERCUSSION : index;
            List<Note> notes = new ArrayList<>();
            for (Raw raw : line) {
                notes.add(new Note(id++, raw.start, raw.length, raw.pitch, raw.velocity, channel, raw.release));
            }
            parts.add(Part.of(index, "Part " + index, channel == Song.PERCUSSION ? Role.DRUMS : Role.MELODY, channel, Line.of(notes)));
        }
        List<ChordSpan> spans = new ArrayList<>();
        for (Chord chord : chords) {
            long from = spans.isEmpty() ? gap : spans.get(spans.size() - 1).end() + (spans.size() % 2 == 0 ? gap : 0);
            spans.add(ChordSpan.of(id++, from, from + chordLength, chord));
        }
        List<KeySpan> keys = new ArrayList<>(List.of(new KeySpan(1, first)));
        Song song = new Song("A song", new Credits("Somebody", "© 2026 Somebody"), time, Fence.of(KeyPlan.of(first)), new Progression(spans), parts, Origin.MADE,
                Optional.empty(), LeftPlaces.NONE, id);
        if (!second.equals(first) && song.lastBar() >= 2) {
            keys.add(new KeySpan(2, second));
        }
        return song.withFence(Fence.of(new KeyPlan(keys)));
    }
}
