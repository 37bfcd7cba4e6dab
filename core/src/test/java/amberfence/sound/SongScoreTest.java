package amberfence.sound;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.notes.Metre;
import amberfence.notes.Role;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.result.PartResult;
import amberfence.song.PartSound;
import amberfence.song.Song;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class SongScoreTest {
    private static Score score(Song song) {
        return SongScore.of(song, PartResult.lines(song), SongScore.audible(song), false);
    }

    private static List<Integer> messages(Score score, int kind) {
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < score.size(); i++) {
            if (Messages.kind(score.message(i)) == kind) {
                found.add(score.message(i));
            }
        }
        return found;
    }

    private static long notesOn(Score score, int channel) {
        return messages(score, 0x90).stream().filter(message -> Messages.channel(message) == channel).count();
    }

    @Test
    void playsEveryNoteOfTheSongWithTheProgramsOfTheFile() {
        Song song = LanternFerry.plain();
        Score score = score(song);
        song.parts().forEach(part -> assertThat(notesOn(score, part.channel())).isEqualTo(part.line().size()));
        assertThat(messages(score, 0xC0)).hasSize(5);
        assertThat(messages(score, 0x80)).hasSameSizeAs(messages(score, 0x90));
    }

    @Test
    void muteSoloVolumeAndInstrumentAreThePersons() {
        Song song = LanternFerry.plain();
        Song muted = song.withPart(2, part -> part.withSound(PartSound.USUAL.withMuted(true)));
        assertThat(notesOn(score(muted), 2)).isZero();
        Song solo = song.withPart(1, part -> part.withSound(PartSound.USUAL.withSolo(true).withVolume(60).withProgram(OptionalInt.of(32))));
        Score alone = score(solo);
        assertThat(messages(alone, 0x90)).allMatch(message -> Messages.channel(message) == 1);
        assertThat(messages(alone, 0xB0)).contains(Messages.control(1, Messages.VOLUME, 60));
        assertThat(messages(alone, 0xC0)).filteredOn(message -> Messages.channel(message) == 1)
                .containsExactly(Messages.program(1, 32));
    }

    @Test
    void aPartWithoutAProgramSoundsLikeItsRole() {
        Song song = Song.empty("x").plusEmptyPart("bass", Role.BASS);
        assertThat(messages(score(song), 0xC0)).containsExactly(Messages.program(0, Instruments.usual(Role.BASS)));
        assertThat(Instruments.names()).hasSize(128);
        assertThat(Instruments.names().get(Instruments.usual(Role.BASS))).isEqualTo("Electric bass (finger)");
        assertThat(Instruments.family(108)).isEqualTo("Ethnic");
    }

    @Test
    void followsEveryChangeOfTempo() {
        TimeMap time = new TimeMap(480, List.of(new Tempo(0, 500_000), new Tempo(960, 1_000_000), new Tempo(1920, 250_000)),
                List.of(new Metre(0, 4, 4)));
        Tempi tempi = new Tempi(time);
        assertThat(tempi.micros(480)).isEqualTo(500_000);
        assertThat(tempi.micros(1440)).isEqualTo(2_000_000);
        assertThat(tempi.micros(2400)).isEqualTo(3_250_000);
        for (long tick : new long[] {0, 1, 959, 960, 961, 1919, 2000, 100_000}) {
            assertThat(tempi.tick(tempi.micros(tick))).isEqualTo(tick);
            assertThat(tempi.micros(tick) / 1e6).isCloseTo(time.seconds(tick), Offset.offset(1e-6));
        }
    }

    @Test
    void clicksOnEveryMainBeatAndCountsIn() {
        Song song = LanternFerry.plain().withParts(List.of());
        Score empty = SongScore.of(song, Map.of(), part -> true, true);
        // 6/8 with 72 dotted quarters a minute has two clicks in a bar of 1.666 s, the first on the higher block.
        List<Integer> clicks = messages(empty, 0x90);
        assertThat(clicks.subList(0, 2)).extracting(Messages::first).containsExactly(76, 77);
        long bar = SongScore.countInMicros(song.time(), 1440, 1);
        assertThat(bar).isBetween(1_666_000L, 1_667_000L);
        Score counted = SongScore.countedIn(Score.EMPTY, song.time(), 1440, 1);
        assertThat(messages(counted, 0x90)).hasSize(2);
        assertThat(counted.micros(0)).isEqualTo(0);
    }
}
