package amberfence.reading;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.LineText;
import amberfence.notes.Progression;
import amberfence.notes.TimeMap;
import amberfence.theory.Key;
import java.util.List;
import org.junit.jupiter.api.Test;

class PartChordsTest {
    private static final TimeMap TIME = TimeMap.usual(480);

    private static Progression chords(String line) {
        return PartChords.of(LineText.parse(line, 240, 0, 1), TIME, Fence.of(KeyPlan.of(Key.parse("C major"))).along(TIME));
    }

    private static List<String> texts(Progression chords) {
        return chords.spans().stream().map(span -> span.chord().text() + "@" + span.start() / 240 + "–" + span.end() / 240).toList();
    }

    @Test
    void takesStruckChordsAsTheySoundWithTheirVoicings() {
        Progression chords = chords("[C4 E4 G4]:4 [A3 C4 F4]:4");
        assertThat(texts(chords)).containsExactly("C@0–4", "F/A@4–8");
        assertThat(chords.spans().get(1).sounding().pitches()).containsExactly(57, 60, 65);
    }

    @Test
    void leavesGapsBetweenStaccatoChordsSoThatOthersDecideWhatHoldsThere() {
        assertThat(texts(chords("[C4 E4 G4] r:3 [F4 A4 C5] r:3"))).containsExactly("C@0–1", "F@4–5");
        RulingChords sounding = new RulingChords(chords("[C4 E4 G4] r:3 [F4 A4 C5] r:3"), false, TIME);
        RulingChords held = new RulingChords(chords("[C4 E4 G4] r:3 [F4 A4 C5] r:3"), true, TIME);
        assertThat(sounding.at(500)).isEqualTo(RulingChords.NONE);
        assertThat(held.text(held.at(500))).isEqualTo("C");
        assertThat(held.text(held.at(1_000_000))).isEqualTo("F");
    }

    @Test
    void theSameChordStruckAgainAfterASilenceIsOneChordWhenItHolds() {
        RulingChords held = new RulingChords(chords("[C4 E4 G4] r [C4 E4 G4] r [F4 A4 C5]"), true, TIME);
        assertThat(held.size()).isEqualTo(2);
    }

    @Test
    void readsAnArpeggioAsTheChordThatItBreaks() {
        assertThat(texts(chords("C4 E4 G4 E4 C4 E4 G4 E4 F4 A4 C5 A4 F4 A4 C5 A4"))).containsExactly("C@0–8", "F@8–16");
    }

    @Test
    void notesThatHaveNoNameTogetherAreAChordAllTheSame() {
        Progression cluster = chords("[C4 C#4 D4 D#4]:8");
        assertThat(cluster.spans().get(0).chord().pitchClasses().numbers().boxed()).containsExactly(0, 1, 2, 3);
    }

    @Test
    void nothingPlayedIsNoChord() {
        assertThat(chords("").isEmpty()).isTrue();
    }
}
