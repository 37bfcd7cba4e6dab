package amberfence.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.analysis.SongChords.Basis;
import amberfence.notes.ChordSpan;
import amberfence.notes.LineText;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Chord;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Whether chords are read out of what sounds, or found under a tune. */
class SongChordsTest {
    private static final String TUNE = "C4:2 C4:2 G4:2 G4:2 A4:2 A4:2 G4:4 F4:2 F4:2 E4:2 E4:2 D4:2 D4:2 C4:4";
    /** The usual chords of that tune (common practice, no source). */
    private static final String UNDER_TUNE = "C F C F C G C";
    private static final String BROKEN = "C4 E4 G4 B4 C4 E4 G4 B4 A3 C4 E4 G4 A3 C4 E4 G4";

    private static Song with(Song song, Role role, String notes) {
        Song more = song.plusEmptyPart("Part", role).withNextId(10_000 + 1_000L * song.parts().size());
        Part last = more.parts().get(more.parts().size() - 1);
        return more.withPart(last.id(), part -> part.withTake(take -> take.withLine(LineText.parse(notes, 240, 0, last.id() * 1_000L))));
    }

    private static Song song(Role role, String notes) {
        return with(Song.empty("x"), role, notes);
    }

    private static String text(SongChords.Found found) {
        return found.chords().stream().map(chord -> chord.chord().plainText()).collect(Collectors.joining(" "));
    }

    @Test
    void aTuneAloneGetsChordsThatGoUnderIt() {
        SongChords.Found found = SongChords.read(song(Role.MELODY, TUNE));
        assertThat(text(found)).isEqualTo(UNDER_TUNE);
        assertThat(found.basis()).isEqualTo(Basis.TUNE);
    }

    @Test
    void drumsAndPartsWithoutNotesDoNotKeepATuneCompany() {
        Song drummed = with(song(Role.MELODY, TUNE), Role.DRUMS, "C2:2 D2:2 C2:2 D2:2").plusEmptyPart("Empty", Role.MELODY);
        assertThat(text(SongChords.read(drummed))).isEqualTo(UNDER_TUNE);
    }

    @Test
    void aTuneOverABassGetsChordsThatStandOnIt() {
        SongChords.Found found = SongChords.read(with(song(Role.MELODY, TUNE), Role.BASS, "C2:8 F2:4 C2:4 F2:4 C2:4 G2:4 C2:4"));
        assertThat(text(found)).isEqualTo(UNDER_TUNE);
        assertThat(found.basis()).isEqualTo(Basis.TUNE_AND_BASS);
        assertThat(text(SongChords.read(with(song(Role.MELODY, TUNE), Role.BASS, "A1:8 F2:4 C2:4 D2:4 A1:4 G2:4 C2:4")))).as("another bass, other chords").isEqualTo("Am F C Dm Am G C");
    }

    @Test
    void chordsThatSoundAreReadWhateverTheTuneIs() {
        SongChords.Found found = SongChords.read(with(song(Role.MELODY, TUNE), Role.CHORDS, "[A3 C4 E4]:16 [G3 B3 D4]:16"));
        assertThat(text(found)).isEqualTo("Am G");
        assertThat(found.basis()).isEqualTo(Basis.SOUND);
    }

    @Test
    void brokenChordsAndWhatSomebodyCallsAFigureAreRead() {
        assertThat(text(SongChords.read(song(Role.MELODY, BROKEN)))).isEqualTo("Cmaj7 Am7");
        assertThat(SongChords.read(song(Role.FIGURE, TUNE)).basis()).isEqualTo(Basis.SOUND);
    }

    @Test
    void aBassAloneGetsChordsThatStandOnIt() {
        SongChords.Found found = SongChords.read(song(Role.BASS, "C2:4 G2:4 A2:4 E2:4 F2:4 C2:4 G2:4 D2:4 C2:16"));
        assertThat(text(found)).as("roots and fifths").isEqualTo("C Am F G C");
        assertThat(found.basis()).isEqualTo(Basis.BASS);
        assertThat(found.chords()).as("a bass alone leaves them open").allMatch(chord -> chord.confidence() < ChordSpan.SURE);
        assertThat(text(SongChords.read(song(Role.BASS, "A1:8 F2:8 C2:8 G2:8 A1:8 F2:8 C2:8 G2:8")))).as("round and round").isEqualTo("Am F C G Am F C G");
        assertThat(text(SongChords.read(song(Role.BASS, "D2:16 G2:16 C2:16")))).as("roots").isEqualTo("Dm G C");
        assertThat(text(SongChords.read(song(Role.BASS, "C2:2 D2:2 E2:2 G2:2 F2:2 G2:2 A2:2 C3:2 G2:2 A2:2 B2:2 G2:2 C2:8")))).as("walking").isEqualTo("C F G C");
    }

    @Test
    void aBassThatBreaksChordsIsRead() {
        SongChords.Found found = SongChords.read(song(Role.BASS, "C2 E2 G2 E2 C2 E2 G2 E2 G1 B1 D2 B1 G1 B1 D2 B1"));
        assertThat(found.basis()).isEqualTo(Basis.SOUND);
        assertThat(text(found)).isEqualTo("C G");
    }

    @Test
    void otherReadingsUnderATuneAreOtherChordsOfItsKey() {
        List<Chord> others = SongChords.readings(song(Role.MELODY, TUNE), 0, 1_920);
        assertThat(others).hasSize(7).startsWith(Chord.parse("C")).contains(Chord.parse("Am"));
        assertThat(others).allMatch(chord -> chord.kind().tones().size() == 3);
    }
}
