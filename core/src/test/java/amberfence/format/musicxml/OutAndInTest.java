package amberfence.format.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.demo.SaltStair;
import amberfence.notes.ChordSpan;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Tempo;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is written is valid, and read again it is the same song. */
class OutAndInTest {
    static Stream<Song> demos() {
        return Stream.of(LanternFerry.song(), LanternFerry.plain(), SaltStair.song(), SaltStair.plain(), Song.empty("Nothing yet"));
    }

    private static Set<Integer> all(Song song) {
        return song.parts().stream().map(Part::id).collect(Collectors.toSet());
    }

    private static byte[] written(Song song) {
        return MusicXmlFormat.PLAIN.write(song, all(song)).content();
    }

    private static Song back(byte[] written) throws Exception {
        return MusicXmlFormat.PLAIN.read(written, "back.musicxml").song();
    }

    @ParameterizedTest
    @MethodSource("demos")
    void everyDemoIsValid(Song song) throws Exception {
        assertThat(Schema.errors(written(song))).isEmpty();
    }

    @Property(tries = 200)
    void everySongIsValid(@ForAll("songs") Song song) throws Exception {
        assertThat(Schema.errors(written(song))).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("demos")
    void everyDemoComesBack(Song song) throws Exception {
        assertSame(song, back(written(song)));
    }

    @Property(tries = 300)
    void everySongComesBack(@ForAll("songs") Song song) throws Exception {
        assertSame(song, back(written(song)));
    }

    @Test
    void theCompressedOneHoldsTheSame() throws Exception {
        Song song = LanternFerry.song();
        byte[] packed = MusicXmlFormat.COMPRESSED.write(song, all(song)).content();
        assertThat(packed).as("the same every time").isEqualTo(MusicXmlFormat.COMPRESSED.write(song, all(song)).content());
        assertThat(packed.length).isLessThan(written(song).length / 5);
        assertSame(song, MusicXmlFormat.COMPRESSED.read(packed, "song.mxl").song());
        assertSame(song, MusicXmlFormat.PLAIN.read(packed, "named otherwise.musicxml").song());
    }

    @Test
    void onlyThePartsThatAreWantedAreWritten() throws Exception {
        Song song = LanternFerry.song();
        Song back = back(MusicXmlFormat.PLAIN.write(song, Set.of(song.parts().get(1).id())).content());
        assertThat(back.parts()).extracting(Part::name).containsExactly(song.parts().get(1).name());
    }

    private static void assertSame(Song song, Song back) {
        int before = song.time().ticksPerQuarter();
        int after = back.time().ticksPerQuarter();
        List<Part> parts = song.parts().isEmpty() ? List.of() : song.parts();
        assertThat(back.title()).isEqualTo(song.title());
        assertThat(back.credits()).isEqualTo(song.credits());
        var lines = PartResult.lines(song);
        for (int i = 0; i < parts.size(); i++) {
            assertThat(back.parts().get(i).name()).isEqualTo(parts.get(i).name());
            assertThat(back.parts().get(i).channel()).isEqualTo(parts.get(i).channel());
            assertThat(notes(back.parts().get(i).line().notes(), before)).as(parts.get(i).name())
                    .containsExactlyInAnyOrderElementsOf(notes(lines.get(parts.get(i).id()).notes(), after));
        }
        assertThat(chords(back.progression().spans(), before)).isEqualTo(chords(song.progression().spans(), after));
        assertThat(back.time().tempos().stream().map(tempo -> new Tempo(tempo.tick() * before, tempo.microsecondsPerQuarter())).toList())
                .isEqualTo(until(song, song.time().tempos().stream()
                        .map(tempo -> new Tempo(tempo.tick() * after, tempo.microsecondsPerQuarter())).toList(), after));
        long end = song.time().barStart(song.lastBar() + 1);
        for (int bar = 1; bar <= song.lastBar(); bar++) {
            assertThat(back.time().barStart(bar) * before).as("bar " + bar).isEqualTo(song.time().barStart(bar) * after);
            Metre metre = song.time().metreAt(song.time().barStart(bar));
            assertThat(back.time().metreAt(back.time().barStart(bar)).text()).as("bar " + bar).isEqualTo(metre.text());
            if (song.parts().stream().anyMatch(part -> !part.isDrums())) {
                assertThat(back.fence().keys().at(bar)).isEqualTo(song.fence().keys().at(bar));
            }
        }
        assertThat(back.end() * before).isLessThanOrEqualTo(end * after);
    }

    /** Tempos behind the last bar have no place in a score. */
    private static List<Tempo> until(Song song, List<Tempo> tempos, int scale) {
        return tempos.stream().filter(tempo -> tempo.tick() < song.time().barStart(song.lastBar() + 1) * scale).toList();
    }

    private static List<List<Long>> notes(List<Note> notes, int scale) {
        return notes.stream().map(note -> List.of(note.start() * scale, note.length() * scale, (long) note.pitch(), (long) note.velocity(), (long) note.release(),
                (long) note.channel())).toList();
    }

    private static List<String> chords(List<ChordSpan> spans, int scale) {
        return spans.stream().map(span -> span.start() * scale + "–" + span.end() * scale + " " + span.chord().plainText()).toList();
    }

    @Provide
    Arbitrary<Song> songs() {
        return RandomScores.songs();
    }
}
