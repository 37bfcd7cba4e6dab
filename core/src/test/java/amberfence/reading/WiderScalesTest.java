package amberfence.reading;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.TimeMap;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Blues, both thirds and both sevenths; our own lines, a length of 1 is an eighth. */
class WiderScalesTest {
    private static final TimeMap TIME = TimeMap.usual(480);

    private static KeyCandidate best(String... lines) {
        return candidates(lines).get(0);
    }

    private static List<KeyCandidate> candidates(String... lines) {
        List<Line> read = Arrays.stream(lines).map(text -> LineText.parse(text, 240, 0, 1)).toList();
        return KeyFinder.find(read, TIME, KeyFamily.MODES);
    }

    private static String reasons(KeyCandidate candidate) {
        return candidate.evidence().stream().map(fact -> fact.words(candidate.key().spelling())).collect(Collectors.joining("; "));
    }

    /** Twelve bars of sevenths (common practice, no source), and over them a riff with the flat third and the flat fifth. */
    @Test
    void aBluesIsABlues() {
        String g = "[G3 B3 D4 F4]:8 ";
        String c = "[C3 G3 Bb3 E4]:8 ";
        String d = "[D3 A3 C4 F#4]:8 ";
        String riff = "G4 Bb4 C5 Db5 D5 F5 D5:2 ";
        KeyCandidate found = best(g.repeat(4) + c.repeat(2) + g.repeat(2) + d + c + g.repeat(2), riff.repeat(12));
        assertThat(found.key().text()).isEqualTo("G composite blues");
        assertThat(found.outside()).as("the third of the last dominant").isEqualTo(1);
        assertThat(reasons(found)).startsWith("both thirds: B♭ 15 times, B 8 times");
    }

    @Test
    void bothThirdsAndBothSevenths() {
        KeyCandidate thirds = best("[D3 A3 F4]:4 [D3 C4 F#4]:4 [G3 B3 F4]:4 [D3 A3 F#4]:4 [D3 C4 F4]:4 [A2 E4 C4]:4 [G3 B3 F4]:4 [D3 A3 F#4 D5]:4");
        assertThat(thirds.key().text()).isEqualTo("D bebop dorian");
        assertThat(reasons(thirds)).startsWith("both thirds: F 4 times, F♯ 3 times");
        KeyCandidate sevenths = best("[C3 E4 Bb4]:4 [G3 B3 F4]:4 [C3 E4 Bb4]:4 [F3 A3 C4]:4 [G3 B3 D4]:4 [Bb2 D4 F4]:4 [G3 B3 F4]:4 [C3 E4 G4 Bb4 C5]:4");
        assertThat(sevenths.key().text()).isEqualTo("C bebop dominant");
        assertThat(reasons(sevenths)).startsWith("both sevenths: B♭ ");
    }

    @Test
    void aSongThatChangesItsKeyHasThemOneAfterTheOther() {
        String inC = "[C3 E4 G4]:4 [F3 A3 C4]:4 [G3 B3 D4]:4 [C3 E4 G4 C5]:4 ".repeat(3);
        String inF = "[F3 A3 C4]:4 [Bb2 D4 F4]:4 [C3 E4 Bb4]:4 [F3 A3 C4]:4 ".repeat(3);
        assertThat(best(inC + inF).key().scale().name()).doesNotContain("bebop").doesNotContain("blues");
    }

    @Test
    void aRaisedSeventhAtACloseIsNoScaleOfItsOwn() {
        assertThat(best("A4:2 C5:2 B4:2 G4:2 A4:4 E4:4 F4:2 G4:2 A4:2 C5:2 B4:4 E4:4 A4:2 C5:2 B4:2 G4:2 A4:2 E4:2 G#4:2 B4:2 A4:8").key().text()).isEqualTo("A minor");
    }
}
