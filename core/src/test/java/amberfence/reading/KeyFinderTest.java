package amberfence.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberfence.ReferenceTable;
import amberfence.analysis.SongKeys;
import amberfence.demo.LanternFerry;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KeyFinderTest {
    private static final TimeMap TIME = TimeMap.usual(480);
    private static final Map<String, KeyProfile> PROFILES = Map.of("KrumhanslKessler", KeyProfile.KRUMHANSL_KESSLER,
            "Temperley1999", KeyProfile.TEMPERLEY, "TemperleyKostkaPayne", KeyProfile.KOSTKA_PAYNE, "AardenEssen",
            KeyProfile.AARDEN_ESSEN, "BellmanBudge", KeyProfile.BELLMAN_BUDGE, "AlbrechtShanahan",
            KeyProfile.ALBRECHT_SHANAHAN);

    /** Source: keyprofiles.tsv, written from the publications; three pairs confirmed with essentia.js 0.1.3. */
    @Test
    void holdsThePublishedProfiles() {
        Map<String, KeyProfile> names = Map.of("Krumhansl-Kessler 1982", KeyProfile.KRUMHANSL_KESSLER,
                "Aarden-Essen 2003", KeyProfile.AARDEN_ESSEN, "Albrecht-Shanahan 2013", KeyProfile.ALBRECHT_SHANAHAN);
        int compared = 0;
        for (Map<String, String> row : ReferenceTable.rows("keyprofiles.tsv")) {
            KeyProfile profile = names.get(row.get("name"));
            if (profile != null) {
                for (int i = 0; i < 12; i++) {
                    double value = row.get("mode").equals("major") ? profile.major(i) : profile.minor(i);
                    assertThat(value).as(row.get("name")).isEqualTo(Double.parseDouble(row.get("p" + i)));
                }
                compared++;
            }
        }
        assertThat(compared).isGreaterThanOrEqualTo(2);
    }

    /** Source: keyfinding.tsv, worked examples by arithmetic on the publications, three columns confirmed by essentia.js. */
    @Test
    void correlatesAsInTheWorkedExamples() {
        AtomicInteger compared = new AtomicInteger();
        for (Map<String, String> row : ReferenceTable.rows("keyfinding.tsv")) {
            double[] weights = Arrays.stream(row.get("pc_weights_C_first").split(" ")).mapToDouble(Double::parseDouble)
                    .toArray();
            PROFILES.forEach((column, profile) -> {
                String cell = row.get(column);
                if (cell.matches("[A-G][b#]? m(aj|in)or [0-9.]+ .*")) {
                    String[] words = cell.split(" ");
                    double r = profile.correlation(weights, Key.parse(words[0] + " major").tonic().pitchClass(),
                            words[1].equals("major"));
                    assertThat(r).as(row.get("example") + " " + column)
                            .isCloseTo(Double.parseDouble(words[2]), within(0.0005));
                    compared.incrementAndGet();
                }
            });
        }
        assertThat(compared.get()).as("cells of the table that were compared").isGreaterThan(20);
    }

    private static Line line(String text) {
        return LineText.parse(text, 480, 0, 1);
    }

    private static String best(String text) {
        return KeyFinder.find(List.of(line(text)), TIME, KeyFamily.MODES).get(0).key().plainText();
    }

    @Test
    void tellsRelativesApartByWhereTheBassRests() {
        assertThat(best("[C3 E4 G4]:4 [F3 A4 C5]:4 [G3 B4 D5]:4 [C3 E4 G4]:4")).isEqualTo("C major");
        assertThat(best("[A2 C4 E4]:4 [D3 F4 A4]:4 [E3 B4 E4]:4 [A2 C4 E4]:4")).isEqualTo("A minor");
        assertThat(best("[D3 A3 F4]:4 [G3 B3 D4]:4 [C3 E4 G4]:4 [D3 A3 F4]:4")).isEqualTo("D dorian");
    }

    /** Four rounds of each, a chord a bar, roots in the bass. Common practice, no source: such songs are heard in the key of the first chord, unless a fifth leads home. */
    @ParameterizedTest
    @CsvSource({"C G Am F, C major", "G D Em C, G major", "F C Dm Bb, F major", "Dm G, D dorian", "Am D, A dorian", "Em F, E phrygian", "G F C G, G mixolydian",
        "Dm G C C, C major", "Bm Em A D, D major", "Am Dm E7 Am, A minor"})
    void hearsARoundOfChordsFromItsFirstUnlessItComesHome(String chords, String key) {
        StringBuilder round = new StringBuilder();
        for (String symbol : chords.split(" ")) {
            Chord chord = Chord.parse(symbol);
            round.append('[').append(chord.root().plainText()).append('2');
            chord.names().forEach(name -> round.append(' ').append(name.plainText()).append('4'));
            round.append("]:4 ");
        }
        assertThat(best(round.toString().repeat(4))).isEqualTo(key);
        KeyCandidate first = KeyFinder.find(List.of(line(round.toString().repeat(4))), TIME, KeyFamily.MODES).get(0);
        assertThat(first.evidence().get(0)).isIn(new KeyEvidence.Round(true), new KeyEvidence.BassFrame(true, true), new KeyEvidence.BassFrame(false, true));
    }

    @Test
    void aHandThatStrikesTheBassBehindItsChordSaysTheSame() {
        Line exact = line("[C3 E4 G4]:2 [F2 A3 F4]:2 [G2 D3 B3 G4]:2 [C3 E3 C4 G4]:2");
        long[] late = {29, 0, 11};
        Line byHand = Line.of(exact.notes().stream().map((Note note) -> note.withStart(note.start() + late[note.pitch() < 53 ? 0 : note.pitch() % 2 + 1])).toList());
        List<KeyCandidate> expected = KeyFinder.find(List.of(exact), TIME, KeyFamily.MODES);
        List<KeyCandidate> found = KeyFinder.find(List.of(byHand), TIME, KeyFamily.MODES);
        assertThat(expected.get(0).evidence()).contains(new KeyEvidence.BassFrame(true, true), new KeyEvidence.Cadence(PitchClass.of(7)));
        for (int i = 0; i < 3; i++) {
            assertThat(found.get(i).key()).isEqualTo(expected.get(i).key());
            assertThat(found.get(i).evidence()).isEqualTo(expected.get(i).evidence());
        }
    }

    @Test
    void aTuneThatIsPlayedTwiceStillEndsWhereItEnds() {
        String tune = "D4:2 E4:2 F4:4 G4:4 A4:4 Bb4:2 A4:2 G4:4 E4:4 F4:4 E4:4 D4:4 ";
        KeyCandidate first = KeyFinder.find(List.of(line(tune.repeat(2))), TIME, KeyFamily.MODES).get(0);
        assertThat(first.key().plainText()).isEqualTo("D minor");
        assertThat(first.evidence()).contains(new KeyEvidence.BassFrame(true, true));
    }

    @Test
    void findsTheKeyOfTheDemoAndSaysWhy() {
        KeyCandidate first = SongKeys.find(LanternFerry.plain(), KeyFamily.MODES).get(0);
        Spelling spelling = first.key().spelling();
        assertThat(first.key().text()).isEqualTo("D dorian");
        assertThat(first.evidence().stream().map(e -> e.words(spelling)).collect(Collectors.joining("; ")))
                .contains("the bass starts and ends on D").contains("B♭");
        assertThat(first.score()).isBetween(0.5, 1.0);
    }

    @Test
    void countsTheNotesThatEachKeyLeavesOutside() {
        for (KeyCandidate candidate : KeyFinder.find(List.of(line("C4 D4 E4 F#4 G4 A4 B4 C5")), TIME,
                KeyFamily.PENTATONIC)) {
            long outside = line("C4 D4 E4 F#4 G4 A4 B4 C5").notes().stream()
                    .filter(note -> !candidate.key().contains(PitchClass.of(note.pitch()))).count();
            assertThat(candidate.outside()).isEqualTo((int) outside);
        }
    }

    @Test
    void saysNoneForNoNotesAndForAllTwelveAlike() {
        assertThat(KeyFinder.find(List.of(), TIME, KeyFamily.MODES)).isEmpty();
        assertThat(KeyFinder.find(List.of(Line.EMPTY), TIME, KeyFamily.MODES)).isEmpty();
        assertThat(KeyFinder.find(List.of(line("C4 C#4 D4 D#4 E4 F4 F#4 G4 G#4 A4 A#4 B4")), TIME, KeyFamily.MODES)).isEmpty();
    }

    /** Source: checks KF-13: transposing turns the answer, octaves and the order of parts change nothing. */
    @Test
    void turnsWithTheNotes() {
        String tune = "C4:2 D4 E4:2 C4 F4:2 E4 D4 B3 C4:4";
        List<KeyCandidate> plain = KeyFinder.find(List.of(line(tune)), TIME, KeyFamily.MODES);
        for (int n = 1; n < 12; n++) {
            int up = n;
            Line moved = Line.of(line(tune).notes().stream().map(note -> note.withPitch(note.pitch() + up)).toList());
            KeyCandidate best = KeyFinder.find(List.of(moved), TIME, KeyFamily.MODES).get(0);
            assertThat(best.key().tonic().pitchClass()).isEqualTo(plain.get(0).key().tonic().pitchClass().plus(n));
            assertThat(best.score()).isCloseTo(plain.get(0).score(), within(1e-12));
        }
        Line high = Line.of(line(tune).notes().stream().map(note -> note.withPitch(note.pitch() + 12)).toList());
        assertThat(KeyFinder.find(List.of(high), TIME, KeyFamily.MODES)).isEqualTo(plain);
    }

    @Test
    void weighsMainBeatsMore() {
        double[] weights = KeyFinder.weights(line("C4 D4 E4 F4"), TIME);
        assertThat(weights[0]).isGreaterThan(weights[2]);
        assertThat(weights[1]).isZero();
    }

}
