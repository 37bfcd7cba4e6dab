package amberfence.cli;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.format.catalogue.Formats;
import amberfence.format.midi.MidiExport;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Role;
import amberfence.song.Song;
import amberfence.theory.Key;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Scores and charts in and out, lead sheets, as somebody types it who has only files. */
class ScoresAndChartsTest extends Commands {
    private Path score;
    private Path chart;

    @BeforeEach
    void writeAScoreAndAChart() throws Exception {
        score = Files.writeString(folder.resolve("tune.musicxml"), """
                <score-partwise version="4.0"><work><work-title>Tune</work-title></work><part-list><score-part id="P1"><part-name>Flute</part-name></score-part></part-list>
                <part id="P1"><measure number="1"><attributes><divisions>1</divisions><key><fifths>0</fifths><mode>dorian</mode></key></attributes>
                <harmony><root><root-step>D</root-step></root><kind>minor-seventh</kind></harmony>
                <note><pitch><step>D</step><octave>4</octave></pitch><duration>2</duration><lyric><text>la</text></lyric></note>
                <note><pitch><step>D</step><alter>1</alter><octave>4</octave></pitch><duration>2</duration></note></measure>
                <measure number="2"><harmony><root><root-step>G</root-step></root><kind>dominant</kind></harmony>
                <note><pitch><step>B</step><octave>3</octave></pitch><duration>4</duration></note></measure></part></score-partwise>
                """);
        chart = Files.writeString(folder.resolve("tune.cho"), "{title: Tune}\n{key: G}\n{sog}\n| G . D7 . | Em . . . |\n{eog}\n");
    }

    @Test
    void aScoreIsBroughtInsideTheKeyThatItNames() throws Exception {
        assertThat(run("apply", score, "--snap", "down", "--out", out)).as(complaint).isZero();
        assertThat(pitches(out, 0)).as("D sharp goes down to D").containsExactly(62, 62, 59);
        assertThat(printed).doesNotContain("found, score");
        assertThat(complaint).as("what is left out, on the other output").isEqualTo("1 lyric left out, in bar 1" + System.lineSeparator());
    }

    @Test
    void theEndingSaysWhatIsWritten() throws Exception {
        for (String name : new String[] {"back.musicxml", "back.mxl", "back.amber", "back.mid"}) {
            Path target = folder.resolve(name);
            assertThat(run("apply", ferry, "--key", "D dorian", "--snap", "nearest", "--out", target)).as(complaint).isZero();
            Song song = Formats.read(target).song();
            assertThat(song.parts()).as(name).hasSize(5);
            assertThat(song.parts().get(0).name()).isEqualTo("Voice line");
            assertThat(song.parts().get(0).steps()).as(name).hasSize(name.endsWith("amber") ? 1 : 0);
        }
        assertWrong("--type is one of MIDI files", "apply", ferry, "--type", "0", "--out", folder.resolve("x.musicxml"));
    }

    @Test
    void withoutAKeyTheScoreHasThatOfTheFile() throws Exception {
        Path target = folder.resolve("plain.musicxml");
        assertThat(run("apply", ferry, "--out", target)).as(complaint).isZero();
        assertThat(Formats.read(target).writtenKey()).isEqualTo(Formats.read(ferry).writtenKey().or(() -> Optional.of(Key.parse("C major"))));
    }

    @Test
    void analyzeTellsTheChordsAndKeysOfAScore() throws Exception {
        assertThat(run("analyze", score, "--json")).isZero();
        JsonNode root = new ObjectMapper().readTree(printed);
        int quarter = root.get("ticksPerQuarter").intValue();
        assertThat(root.get("progression")).hasSize(2);
        assertThat(root.get("progression").get(0).get("symbol").textValue()).isEqualTo("Dm7");
        assertThat(root.get("progression").get(1).get("startTick").intValue()).isEqualTo(4 * quarter);
        assertThat(root.get("progression").get(1).get("endTick").intValue()).isEqualTo(8 * quarter);
        assertThat(root.get("keySpans").get(0).get("scale").textValue()).isEqualTo("dorian");
        assertThat(root.get("keySpans").get(0).get("certainty").doubleValue()).isEqualTo(1);
    }

    @Test
    void aLeadSheetIsWrittenFromAnyFile() throws Exception {
        Path sheet = folder.resolve("tune.pdf");
        assertThat(run("apply", score, "--out", out, "--lead-sheet", sheet, "--lead-numerals")).as(complaint).isZero();
        assertThat(Files.readString(sheet, StandardCharsets.ISO_8859_1)).startsWith("%PDF-");
        assertThat(run("apply", ferry, "--key", "D dorian", "--out", folder.resolve("two.mid"), "--lead-sheet", folder.resolve("two.pdf"), "--no-tune")).as(complaint).isZero();
        assertWrong("give --lead-sheet", "apply", ferry, "--no-tune", "--out", folder.resolve("three.mid"));
        assertWrong("name the same file", "apply", ferry, "--out", out, "--lead-sheet", sheet, "--chart", sheet);
    }

    /** The usual chords of this tune (common practice, no source). */
    @Test
    void aTuneAloneGetsChordsForItsLeadSheetAndSaysThatNothingSoundsThem() throws Exception {
        Path tune = folder.resolve("tune.mid");
        Line notes = LineText.parse("C4:2 C4:2 G4:2 G4:2 A4:2 A4:2 G4:4 F4:2 F4:2 E4:2 E4:2 D4:2 D4:2 C4:4", 240, 0, 1);
        Song song = Song.empty("tune").plusEmptyPart("Tune", Role.MELODY);
        Files.write(tune, MidiExport.ofOriginals(song.withPart(song.parts().get(0).id(), part -> part.withTake(take -> take.withLine(notes)))).toBytes());
        Path chords = folder.resolve("chords.txt");
        assertThat(run("apply", tune, "--key", "C major", "--out", out, "--lead-sheet", folder.resolve("tune.pdf"), "--chart", chords)).as(complaint).isZero();
        assertThat(Files.readString(chords)).isEqualTo("| C | F C | F C | G C |\n");
        assertThat(run("analyze", tune)).isZero();
        assertThat(printed).contains("Chords that go under the tune");
    }

    @Test
    void aChartIsPlayedAndPutUnderASong() throws Exception {
        assertThat(run("apply", chart, "--play-chords", "Pad", "--out", out)).as(complaint).isZero();
        assertThat(notes(out, 0)).hasSize(10);
        assertThat(run("apply", ferry, "--key", "G major", "--progression", chart, "--chart", folder.resolve("again.txt"), "--out", folder.resolve("with.mid"))).as(complaint).isZero();
        assertThat(Files.readString(folder.resolve("again.txt"))).isEqualTo("| G D7 | Em |\n");
    }

    @Test
    void aFileThatMeansNoGoodIsRefusedInOneSentence() throws Exception {
        Path bomb = Files.writeString(folder.resolve("bomb.musicxml"), "<!DOCTYPE score-partwise [<!ENTITY a \"b\">]><score-partwise/>");
        Path there = Files.writeString(folder.resolve("there.mid"), "as it was");
        assertThat(run("apply", bomb, "--out", there)).isEqualTo(3);
        assertThat(complaint.lines()).singleElement().satisfies(line -> assertThat(line).contains("bomb.musicxml declares an entity"));
        assertThat(there).as("what was there stays").hasContent("as it was");
    }
}
