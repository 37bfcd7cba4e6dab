package amberfence.reading;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.ChordKind;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import amberfence.theory.Voicing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Chords out of notes, against analyses made by hand; a length of 1 is an eighth. */
class ChordReaderTest {
    private static final TimeMap FOUR = TimeMap.usual(480);

    private static String read(String key, String... lines) {
        return read(key, FOUR, Arrays.stream(lines).map(line -> LineText.parse(line, 240, 0, 1)).toList());
    }

    private static String read(String key, TimeMap time, List<Line> lines) {
        return ChordReader.read(lines, time, Fence.of(KeyPlan.of(Key.parse(key))).along(time)).stream()
                .map(chord -> chord.chord().text()).collect(Collectors.joining(" "));
    }

    /** The four textures of one progression; hand-made. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "blocks | [C4 E4 G4]:8 [A3 C4 E4]:8 [F3 A3 C4]:8 [G3 B3 D4 F4]:8",
        "staccato | [C4 E4 G4] r:7 [A3 C4 E4] r:7 [F3 A3 C4] r:7 [G3 B3 D4 F4] r:7",
        "broken | C4 E4 G4 E4 C4 E4 G4 E4 A3 C4 E4 C4 A3 C4 E4 C4 F3 A3 C4 A3 F3 A3 C4 A3 G3 B3 D4 F4 G3 B3 D4 F4",
        "repeated | [C4 E4 G4]:2 [C4 E4 G4]:2 [C4 E4 G4]:2 [C4 E4 G4]:2 [A3 C4 E4]:4 [A3 C4 E4]:4 [F3 A3 C4]:3 [F3 A3 C4] "
            + "[F3 A3 C4]:4 [G3 B3 D4 F4]:2 [G3 B3 D4 F4]:6"})
    void readsTheSameOutOfEveryTexture(String texture, String notes) {
        assertThat(read("C major", notes)).as(texture).isEqualTo("C Am F G7");
    }

    @Test
    void aPedalledChordHoldsTillTheNextBass() {
        // Each note of the broken chord rings until the bar ends.
        List<Note> notes = new ArrayList<>();
        String[] bars = {"C3 G3 C4 E4", "F3 A3 C4 F4", "G3 B3 D4 G4", "C3 G3 C4 E4"};
        for (int bar = 0; bar < bars.length; bar++) {
            String[] pitches = bars[bar].split(" ");
            for (int i = 0; i < pitches.length; i++) {
                long start = bar * 1920L + i * 480;
                notes.add(new Note(notes.size() + 1, start, (bar + 1) * 1920L - start,
                        LineText.parse(pitches[i], 1, 0, 1).notes().get(0).pitch(), 80, 0, 64));
            }
        }
        assertThat(read("C major", FOUR, List.of(Line.of(notes)))).isEqualTo("C F G C");
    }

    @Test
    void takesTheBassPartIntoAccount() {
        assertThat(read("C major", "[C4 E4 G4]:8 [C4 F4 A4]:8", "E2:8 F2:8")).isEqualTo("C/E F");
        assertThat(read("C major", "[E4 G4 Bb4 C5]:8", "G2:8")).isEqualTo("C7/G");
        assertThat(read("C major", "[C4 E4 G4 A4]:8 [E4 G4 C5]:8", "C2:8 A2:8")).isEqualTo("C6 Am7");
    }

    @Test
    void aBassWalksBelowChordsThatAreStruckWithoutTheirRoots() {
        // A blues in A: third, fifth and seventh on the second and fourth beat.
        assertThat(read("A mixolydian", "r:2 [G3 C#4 E4] r r:2 [G3 C#4 E4] r r:2 [F#3 C4] r r:2 [F#3 C4] r r:2 [G3 C#4 E4] r r:2 [G3 C#4 E4] r",
                "A1:2 C#2:2 E2:2 F#2:2 D2:2 F#2:2 A2:2 Bb2:2 A2:2 G2:2 E2:2 C2:2")).isEqualTo("A7 D7 A7");
    }

    @Test
    void thirdAndSeventhStandForAChordOverItsBass() {
        assertThat(read("C major", "[F3 C4]:3 [F3 C4] r:4 [F3 B3]:3 [F3 B3] r:4 [E3 B3]:3 [E3 B3] r:4",
                "D2:2 E2:2 A2:2 Ab2:2 G2:2 F2:2 D2:2 B1:2 C2:2 E2:2 G2:2 E2:2")).isEqualTo("Dm7 G7 Cmaj7");
    }

    @Test
    void highStringsThatAreStruckAloneBelongToTheChord() {
        String am7 = "[A2 E3 G3 C4 E4]:2 [A2 E3 G3 C4 E4] [G3 C4 E4] r [G3 C4 E4] [A2 E3 G3 C4 E4] [G3 C4 E4]";
        String d7 = "[D3 A3 C4 F#4]:2 [D3 A3 C4 F#4] [A3 C4 F#4] r [A3 C4 F#4] [D3 A3 C4 F#4] [A3 C4 F#4]";
        assertThat(read("G major", am7 + " " + d7)).isEqualTo("Am7 D7");
    }

    @Test
    void aBassInTurnWithHighStringsMakesNoChordOfItsOwn() {
        assertThat(read("G major", "G2:2 [G3 B3 G4]:2 B2:2 [G3 B3 G4]:2 E2:2 [G3 B3 E4]:2 B2:2 [G3 B3 E4]:2 "
                + "A2:2 [G3 C4 E4]:2 E3:2 [G3 C4 E4]:2 D3:2 [A3 C4 F#4]:2 A3:2 [A3 C4 F#4]:2")).isEqualTo("G Em Am7 D7");
    }

    @Test
    void aRootWithFifthAndOctaveIsAChord() {
        assertThat(read("E minor", "[E2 B2 E3] [E2 B2 E3] [E2 B2 E3] [E2 B2 E3] [E2 B2 E3] [E2 B2 E3] [E2 B2 E3] [E2 B2 E3] [C3 G3 C4]:4 [D3 A3 D4]:4 [G2 D3 G3]:8"))
                .isEqualTo("E5 C5 D5 G5");
    }

    @Test
    void aTuneOverChordsDoesNotChangeThem() {
        assertThat(read("C major", "[C4 E4 G4]:8 [D4 F4 A4]:8 [G3 B3 D4]:8 [C4 E4 G4]:8",
                "E5:2 D5 C5 E5:4 F5:2 E5 D5 A5:4 B5:3 A5 G5:4 E5:8", "C3:8 D3:8 G2:8 C3:8")).isEqualTo("C Dm G C");
    }

    /** Bach, Prelude in C, WTC I, bars 1–11, from memory; the analysis of the harmony textbooks (Aldwell and Schachter). */
    @Test
    void readsTheBrokenChordsOfAPreludeAsTextbooksDo() {
        String[] bars = {"C4 E4 G4 C5 E5", "C4 D4 A4 D5 F5", "B3 D4 G4 D5 F5", "C4 E4 G4 C5 E5", "C4 E4 A4 E5 A5",
            "C4 D4 F#4 A4 D5", "B3 D4 G4 D5 G5", "B3 C4 E4 G4 C5", "A3 C4 E4 G4 C5", "D3 A3 D4 F#4 C5", "G3 B3 D4 G4 B4"};
        List<Note> notes = new ArrayList<>();
        for (int bar = 0; bar < bars.length; bar++) {
            String[] p = bars[bar].split(" ");
            String[] order = {p[0], p[1], p[2], p[3], p[4], p[2], p[3], p[4]};
            for (int half = 0; half < 2; half++) {
                for (int i = 0; i < order.length; i++) {
                    long start = bar * 1920L + half * 960 + i * 120;
                    long length = i == 0 ? 960 : i == 1 ? 840 : 120;
                    notes.add(new Note(notes.size() + 1, start, length,
                            LineText.parse(order[i], 1, 0, 1).notes().get(0).pitch(), 70, 0, 64));
                }
            }
        }
        assertThat(read("C major", FOUR, List.of(Line.of(notes))))
                .isEqualTo("C Dm7/C G7/B C Am/C D7/C G/B Cmaj7/B Am7 D7 G");
    }

    /** A chorale-like setting of the scale by the rule of the octave (18th century; from memory); F A C D over F is F6. */
    @Test
    void readsTheRuleOfTheOctave() {
        assertThat(read("C major", "[C3 G3 E4 C5]:2 [D3 F3 B3 G4]:2 [E3 G3 C4 G4]:2 [F3 A3 C4 D4]:2 [G3 B3 D4 G4]:2 "
                + "[A3 C4 F4]:2 [B3 D4 F4 G4]:2 [C4 E4 G4 C5]:2")).isEqualTo("C G7/D C/E F6 G F/A G7/B C");
    }

    /** The demo's harmonium as it is written in lantern-ferry.txt; hand-made. */
    @Test
    void readsTheDemo() {
        Song song = LanternFerry.plain();
        List<ReadChord> read = ChordReader.read(List.of(song.part(2).line(), song.part(1).line()), song.time(),
                song.fence().along(song.time()));
        String[] bars = ("Dm G Am7 Cmaj7 Dm G Em7 Am Dm G Am7 Cmaj7 Dmaj7 G Am7 Dm F C Dm Bb F C Gm7 C7 Dm G Am7 Cmaj7 Dm G Am Dm")
                .split(" ");
        int right = 0;
        StringBuilder wrong = new StringBuilder();
        for (int bar = 1; bar <= bars.length; bar++) {
            long tick = song.time().barStart(bar) + 10;
            String found = read.stream().filter(chord -> chord.start() <= tick && tick < chord.end())
                    .map(chord -> chord.chord().text()).findFirst().orElse("none");
            boolean same = found.split("/")[0].equals(Chord.parse(bars[bar - 1]).text());
            right += same ? 1 : 0;
            wrong.append(same ? "" : bar + ": " + found + " for " + bars[bar - 1] + "; ");
        }
        System.out.printf("chords of the demo read as written: %d of %d; %s%n", right, bars.length, wrong);
        assertThat(right).isEqualTo(bars.length);
        assertThat(read).allSatisfy(chord -> assertThat(chord.confidence()).isBetween(0.0, 1.0));
    }

    /**
     * Random progressions of triads and sevenths. Struck together, each is read as written; broken, one note a beat, a bar of
     * four beats says three or four notes and no more, and two chords that share three of them can be read either way.
     */
    @Test
    void readsRandomProgressionsThatAreStruckTogether() {
        Random random = new Random(11);
        List<ChordKind> kinds = List.of("", "m", "7", "maj7", "m7", "ø7", "°7", "sus4").stream().map(ChordKind::parse).toList();
        int[] right = new int[2];
        int[] all = new int[2];
        for (int round = 0; round < 200; round++) {
            List<Note> notes = new ArrayList<>();
            List<Chord> chords = new ArrayList<>();
            boolean[] isBroken = new boolean[8];
            for (int bar = 0; bar < 8; bar++) {
                Chord chord = Chord.of(Key.parse("C major").spelling().name(new PitchClass(random.nextInt(12))),
                        kinds.get(random.nextInt(kinds.size())));
                chords.add(chord);
                Voicing voicing = Voicing.of(chord);
                boolean broken = random.nextBoolean();
                isBroken[bar] = broken;
                for (int i = 0; i < 4; i++) {
                    for (int v = 0; v < voicing.size(); v++) {
                        if (!broken || v == i % voicing.size()) {
                            notes.add(new Note(notes.size() + 1, bar * 1920L + i * 480, 400, voicing.pitches().get(v), 80, 0, 64));
                        }
                    }
                }
            }
            List<ReadChord> read = ChordReader.read(List.of(Line.of(notes)), FOUR,
                    Fence.of(KeyPlan.of(Key.parse("C major"))).along(FOUR));
            for (int bar = 0; bar < 8; bar++) {
                long tick = bar * 1920L + 900;
                Chord wanted = chords.get(bar);
                int way = isBroken[bar] ? 1 : 0;
                right[way] += read.stream().anyMatch(chord -> chord.start() <= tick && tick < chord.end()
                        && chord.chord().pitchClasses().equals(wanted.pitchClasses())) ? 1 : 0;
                all[way]++;
            }
        }
        System.out.printf("chords of random progressions read as written: struck %d of %d, broken %d of %d%n", right[0], all[0], right[1],
                all[1]);
        assertThat(right[0]).isEqualTo(all[0]);
    }

    @Test
    void silenceIsNoChord() {
        assertThat(ChordReader.read(List.of(Line.EMPTY), FOUR, Fence.of(KeyPlan.of(Key.parse("C major"))).along(FOUR))).isEmpty();
    }
}
