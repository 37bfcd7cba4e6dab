package amberfence.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.demo.SaltStair;
import amberfence.edit.Mending;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.LineText;
import amberfence.notes.Role;
import amberfence.song.Song;
import amberfence.step.SettingValues;
import amberfence.theory.Key;
import amberfence.theory.NoteName;
import amberfence.theory.Scales;
import amberfence.theory.SpelledPitch;
import java.util.EnumSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Keys that change where the fence does not: eight bars at home, eight in another key, eight at home again. */
class KeyChangeTest {
    /** Eighths of a tune in C major, four bars of 4/4, as scale degrees. */
    private static final String HOME = "C4:2 E4 G4 E4:2 D4:2 | F4:2 A4 G4 F4:2 E4:2 | D4:2 F4 A4 B4:2 G4:2 | C5:2 B4 D5 C5:4 | "
            + "A4:2 C5 E5 D5:2 C5:2 | B4:2 G4 A4 B4:2 D5:2 | C5:2 A4 F4 G4:2 B4:2 | C5:4 G4:2 C4:2 | ";

    private static Song song(String key, String middle) {
        Song song = Song.empty("x").withFence(Fence.of(KeyPlan.of(Key.parse(key)))).plusEmptyPart("Tune", Role.MELODY).withNextId(10_000);
        var line = LineText.parse(HOME + middle + HOME, 240, 0, 1);
        return song.withPart(song.parts().get(0).id(), part -> part.withTake(take -> take.withLine(line)));
    }

    private static String moved(int semitones) {
        StringBuilder moved = new StringBuilder();
        for (String word : HOME.split(" ")) {
            String[] parts = word.split(":");
            moved.append(parts[0].equals("|") ? "|" : SettingValues.pitchText(SpelledPitch.parse(parts[0]).number() + semitones)
                    + (parts.length > 1 ? ":" + parts[1] : "")).append(' ');
        }
        return moved.toString();
    }

    private static List<Doubt> found(Song song) {
        return ReadThrough.of(song, Mending.own(song.parts()), EnumSet.of(DoubtKind.KEY));
    }

    @ParameterizedTest
    @CsvSource({"2, D", "3, Eb", "4, E", "5, F", "-5, G", "-4, Ab", "-3, A", "-2, Bb", "-1, B", "1, Db"})
    void isFoundWhereItBegins(int semitones, String tonic) {
        Song song = song("C major", moved(semitones));
        List<Doubt> found = found(song);
        if (Math.abs(semitones) == 5) {
            // A neighbouring key differs in one note; it is told only where that note comes often enough.
            assertThat(found).hasSizeLessThanOrEqualTo(1);
            return;
        }
        assertThat(found).hasSize(1);
        Mend.KeyHere here = (Mend.KeyHere) found.get(0).mends().get(0);
        assertThat(here.key().tonic().pitchClass()).isEqualTo(NoteName.parse(tonic).pitchClass());
        assertThat(here.key().scale()).isEqualTo(Scales.MAJOR);
        assertThat(here.fromBar()).isBetween(8, 10);
        assertThat(here.toBar()).isBetween(15, 17);
        Song mended = Mending.mended(song, found.get(0).part(), here);
        assertThat(found(mended)).isEmpty();
        assertThat(mended.fence().keys().at(here.toBar() + 1)).isEqualTo(Key.parse("C major"));
        assertThat(mended.fence().keys().first()).isEqualTo(Key.parse("C major"));
        assertThat(mended.parts()).isEqualTo(song.parts());
    }

    @Test
    void theFenceThatChangesWithTheNotesIsRight() {
        Song song = song("C major", moved(2));
        Key there = Key.parse("D major");
        assertThat(found(song.withFence(song.fence().withKeys(song.fence().keys().with(9, 16, there))))).isEmpty();
    }

    @Test
    void aTuneThatStaysIsNone() {
        assertThat(found(song("C major", HOME))).isEmpty();
        assertThat(found(song("A minor", HOME))).as("the same notes").isEmpty();
        assertThat(found(song("C major", "C4:2 E4 G4 E4:2 C#4:2 | "))).as("one note of another key").isEmpty();
    }

    @Test
    void aFenceThatIsWrongThroughoutIsTold() {
        assertThat(found(song("E major", HOME))).hasSize(1);
    }

    @Test
    void neitherOfTheDemosHasOne() {
        assertThat(found(SaltStair.song())).isEmpty();
        assertThat(found(LanternFerry.song())).isEmpty();
    }
}
