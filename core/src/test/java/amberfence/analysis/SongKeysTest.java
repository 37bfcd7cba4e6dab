package amberfence.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.demo.SaltStair;
import amberfence.notes.KeyPlan;
import amberfence.notes.LineText;
import amberfence.notes.Role;
import amberfence.reading.KeyFamily;
import amberfence.song.Song;
import amberfence.theory.Key;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The keys to begin with when a song comes in. */
class SongKeysTest {
    private static final String IN_C = "[C3 C4 E4 G4]:8 [G2 D4 G4 B4]:8 [A2 C4 E4 A4]:8 [F2 C4 F4 A4]:8 ";
    private static final String IN_D = "[D3 D4 F#4 A4]:8 [A2 E4 A4 C#5]:8 [B2 D4 F#4 B4]:8 [G2 D4 G4 B4]:8 ";

    private static Song song(String text) {
        Song song = Song.empty("x").plusEmptyPart("Keys", Role.CHORDS).withNextId(10_000);
        return song.withPart(song.parts().get(0).id(), part -> part.withTake(take -> take.withLine(LineText.parse(text, 240, 0, 1))));
    }

    private static Optional<SongKeys.Along> along(Song song) {
        return SongKeys.along(song, KeyFamily.MODES, SongKeys.find(song, KeyFamily.MODES));
    }

    @Test
    void aSongThatGoesUpAToneHasTwoKeys() {
        SongKeys.Along along = along(song(IN_C.repeat(2) + IN_D.repeat(2))).orElseThrow();
        assertThat(along.plan()).isEqualTo(KeyPlan.of(Key.parse("C major")).plus(9, Key.parse("D major")));
        assertThat(along.outside()).isZero();
    }

    @Test
    void aSongThatStaysInItsKeyHasOne() {
        assertThat(along(song(IN_C.repeat(4)))).isEmpty();
        assertThat(along(SaltStair.song())).isEmpty();
        assertThat(along(Song.empty("x"))).isEmpty();
    }

    @Test
    void theKeysOfTheDemoAreThoseInWhichItWasWritten() {
        assertThat(along(LanternFerry.plain()).orElseThrow().plan()).isEqualTo(LanternFerry.song().fence().keys());
    }
}
