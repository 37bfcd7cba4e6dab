package amberfence.format.musicxml;

import static amberfence.format.musicxml.Scores.note;
import static amberfence.format.musicxml.Scores.pitch;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.ReferenceTable;
import amberfence.demo.LanternFerry;
import amberfence.format.ReadSong;
import amberfence.format.midi.MidiExport;
import amberfence.format.midi.MidiReader;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectReader;
import amberfence.format.project.ProjectWriter;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Chord;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is read from scores written by hand; expected values are worked out from the words of the standard (MusicXML 4.0, W3C, 2021). */
class ScoreReaderTest {
    private static byte[] file(String name) throws IOException {
        try (InputStream in = ScoreReaderTest.class.getResourceAsStream("/musicxml/" + name)) {
            return in.readAllBytes();
        }
    }

    private static ReadSong open(String name) throws Exception {
        return MusicXmlFormat.PLAIN.read(file(name), name);
    }

    @Test
    void readsTheFirstExampleOfTheStandard() throws Exception {
        ReadSong read = open("hello.musicxml");
        assertThat(Scores.notes(read)).isEqualTo("C4@0+16");
        assertThat(read.song().parts().get(0).line().notes().get(0).pitch()).as("octave 4 begins with middle C").isEqualTo(60);
    }

    @Test
    void readsEveryKindOfTheStandard() throws Exception {
        List<Map<String, String>> kinds = ReferenceTable.rows("musicxml-kinds.tsv");
        ReadSong read = open("kinds.musicxml");
        for (int bar = 0; bar < kinds.size(); bar++) {
            long start = read.song().time().barStart(bar + 1);
            var span = read.song().progression().at(start);
            String semitones = kinds.get(bar).get("semitones_by_schema");
            if (semitones.matches("[0-9 ]+")) {
                int[] wanted = Stream.of(semitones.split(" ")).mapToInt(Integer::parseInt).map(number -> number % 12).sorted().toArray();
                assertThat(span.orElseThrow().chord().kind().semitones().numbers().toArray()).as(kinds.get(bar).get("kind")).isEqualTo(wanted);
            } else if (kinds.get(bar).get("kind").equals("none")) {
                assertThat(span).as("no chord is a gap").isEmpty();
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"ok_transpose_Bb, Bb3@0+16", "ok_fifths_9, C4@0+16", "ok_mode_blues, C4@0+16", "ok_swing, C4@0+16"})
    void readsTheSmallValidFiles(String name, String notes) throws Exception {
        assertThat(Scores.notes(open("cases/" + name + ".musicxml")).replace("A#3", "Bb3").split("@")[0]).isEqualTo(notes.split("@")[0]);
    }

    @Test
    void joinsWhatIsTiedOverBarsAndInChords() throws Exception {
        ReadSong read = Scores.read(Scores.of(note("C4", 16, "<tie type=\"start\"/>") + "<note><chord/>" + pitch("E4") + "<duration>16</duration><tie type=\"start\"/></note>",
                note("C4", 8, "<tie type=\"stop\"/>") + "<note><chord/>" + pitch("E4") + "<duration>8</duration><tie type=\"stop\"/><tie type=\"start\"/></note>"
                        + note("E4", 4, "<tie type=\"stop\"/>") + note("C4", 4)));
        assertThat(Scores.notes(read)).isEqualTo("C4@0+24 E4@0+28 C4@28+4");
    }

    @Test
    void aTieThatIsOnlyDrawnJoinsToo() throws Exception {
        ReadSong read = Scores.read(Scores.of(note("C4", 16, "<notations><tied type=\"start\"/></notations>"), note("C4", 16, "<notations><tied type=\"stop\"/></notations>")));
        assertThat(Scores.notes(read)).isEqualTo("C4@0+32");
    }

    @Test
    void goesBackForFurtherVoices() throws Exception {
        ReadSong read = Scores.read(Scores.of(note("G4", 16, "<voice>1</voice>") + "<backup><duration>16</duration></backup><forward><duration>4</duration></forward>"
                + note("C4", 8, "<voice>2</voice><staff>2</staff>")));
        assertThat(Scores.notes(read)).as("two staves are one part").isEqualTo("G4@0+16 C4@4+8");
        assertThat(read.song().parts()).hasSize(1);
    }

    @Test
    void tupletsFallBetweenTheSixteenths() throws Exception {
        String three = "<attributes><divisions>3</divisions></attributes>";
        ReadSong read = Scores.read(Scores.of(three + note("C4", 1) + note("D4", 1) + note("E4", 1) + note("F4", 9)));
        assertThat(read.song().parts().get(0).line().notes()).extracting(Note::start).containsExactly(0L, 160L, 320L, 480L);
    }

    @Test
    void graceNotesTakeAThirtySecondEachOfWhatIsBefore() throws Exception {
        String grace = "<note><grace slash=\"yes\"/>" + pitch("D4") + "</note><note><grace/>" + pitch("E4") + "</note>";
        ReadSong read = Scores.read(Scores.of(note("C4", 8) + grace + note("F4", 8)));
        assertThat(Scores.notes(read)).isEqualTo("C4@0+7 D4@7+0.5 E4@7.5+0.5 F4@8+8");
    }

    @Test
    void graceNotesAtTheBeginningTakeTheTimeOfTheirNote() throws Exception {
        ReadSong read = Scores.read(Scores.of("<note><grace/>" + pitch("D4") + "</note>" + note("C4", 16)));
        assertThat(Scores.notes(read)).isEqualTo("D4@0+0.5 C4@0.5+15.5");
    }

    @Test
    void aShortFirstBarStaysShort() throws Exception {
        ReadSong read = Scores.read(Scores.of(note("C4", 4), note("D4", 16), note("E4", 16)));
        assertThat(read.song().time().barStart(2)).isEqualTo(480);
        assertThat(read.song().time().barStart(3)).isEqualTo(480 + 4 * 480);
        assertThat(read.song().time().metreAt(0).text()).isEqualTo("4/4");
    }

    @Test
    void aBarThatHoldsMoreThanItsMetreIsThatLong() throws Exception {
        ReadSong read = Scores.read(Scores.of(note("C4", 16), note("D4", 20), note("E4", 16)));
        assertThat(read.song().time().metres()).extracting(Metre::text).containsExactly("4/4", "5/4", "4/4");
        assertThat(read.song().time().barStart(3)).isEqualTo(9 * 480);
    }

    @Test
    void metresAreAddedUp() throws Exception {
        ReadSong read = Scores.read(Scores.of("<attributes><time><beats>3+2</beats><beat-type>8</beat-type></time></attributes>" + note("C4", 10),
                "<attributes><time><beats>1</beats><beat-type>4</beat-type><beats>3</beats><beat-type>8</beat-type></time></attributes>" + note("C4", 10)));
        assertThat(read.song().time().metres()).extracting(Metre::text).containsExactly("5/8");
    }

    @Test
    void readsTemposForPlayingFirst() throws Exception {
        String printed = "<direction><direction-type><metronome><beat-unit>quarter</beat-unit><beat-unit-dot/><per-minute>60</per-minute></metronome></direction-type>";
        ReadSong read = Scores.read(Scores.of(printed + "<sound tempo=\"100\"/></direction>" + note("C4", 16), printed + "</direction>" + note("C4", 16)));
        assertThat(read.song().time().tempos()).extracting(tempo -> Math.round(tempo.quartersPerMinute())).as("a dotted quarter at 60 is 90 quarters").containsExactly(100L, 90L);
    }

    @Test
    void loudnessIsPercentOfNinety() throws Exception {
        ReadSong read = Scores.read(Scores.of("<note dynamics=\"100\">" + pitch("C4") + "<duration>4</duration></note><note dynamics=\"71.11\">" + pitch("D4")
                + "<duration>4</duration></note><note dynamics=\"141.11\">" + pitch("E4") + "<duration>4</duration></note>" + note("F4", 4)));
        assertThat(read.song().parts().get(0).line().notes()).extracting(Note::velocity).containsExactly(90, 64, 127, 90);
    }

    @Test
    void everythingIsSoundingPitch() throws Exception {
        String clarinet = "<attributes><key><fifths>1</fifths><mode>major</mode></key><transpose><diatonic>-1</diatonic><chromatic>-2</chromatic></transpose></attributes>";
        ReadSong read = Scores.read(Scores.of(clarinet + "<harmony><root><root-step>G</root-step></root><kind>dominant</kind><bass><bass-step>B</bass-step></bass></harmony>"
                + note("C4", 16)));
        assertThat(read.song().parts().get(0).line().notes().get(0).pitch()).isEqualTo(58);
        assertThat(read.song().fence().keys().first().plainText()).as("written G is sounding F").isEqualTo("F major");
        assertThat(Scores.chords(read)).isEqualTo("F7/A@0-16");
    }

    @Test
    void keysAreThoseOfTheSignatureAndItsMode() throws Exception {
        ReadSong read = Scores.read(Scores.of("<attributes><key><fifths>-3</fifths><mode>minor</mode></key></attributes>" + note("C4", 16),
                "<attributes><key><fifths>2</fifths><mode>mixolydian</mode></key></attributes>" + note("C4", 16),
                "<attributes><key><fifths>9</fifths></key></attributes>" + note("C4", 16)));
        assertThat(read.song().fence().keys().spans()).extracting(span -> span.fromBar() + " " + span.key().plainText())
                .containsExactly("1 C minor", "2 A mixolydian", "3 Eb major");
        assertThat(read.writtenKey()).get().extracting(Object::toString).isEqualTo("C minor");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"dominant||7|C7", "suspended-fourth|7 0 add|7sus4|C7sus4", "dominant|9 -1 add|7b9|C7(b9)", "dominant|5 0 subtract|7no5|C7(no5)",
        "major|9 0 add|add9|Cadd9", "dominant|5 -1 alter|7b5|C7b5", "major|7 1 add|maj7|Cmaj7", "major|7 0 add|7|C7", "dominant|9 0 add|9|C9"})
    void degreesChangeAKind(String kind, String degree, String text, String symbol) throws Exception {
        String[] parts = degree == null ? new String[0] : degree.split(" ");
        String xml = degree == null ? "" : "<degree><degree-value>" + parts[0] + "</degree-value><degree-alter>" + parts[1] + "</degree-alter><degree-type>" + parts[2]
                + "</degree-type></degree>";
        ReadSong read = Scores.read(Scores.of("<harmony><root><root-step>C</root-step></root><kind text=\"" + text + "\">" + kind + "</kind>" + xml + "</harmony>" + note("C4", 16)));
        assertThat(read.song().progression().spans().get(0).chord().pitchClasses()).isEqualTo(Chord.parse(symbol).pitchClasses());
    }

    @Test
    void chordsHoldUntilTheNextOneAndTheLastToTheEnd() throws Exception {
        String harmony = "<harmony><root><root-step>%s</root-step></root><kind>%s</kind>%s</harmony>";
        ReadSong read = Scores.read(Scores.of(harmony.formatted("D", "minor", "") + note("C4", 16), harmony.formatted("G", "dominant", "<offset>8</offset>") + note("C4", 16),
                harmony.formatted("C", "none", "") + note("C4", 16), harmony.formatted("C", "major", "") + note("C4", 16), note("C4", 16)));
        assertThat(Scores.chords(read)).isEqualTo("Dm@0-24 G7@24-32 C@48-80");
    }

    @Test
    void numeralsAreReadInTheKey() throws Exception {
        String five = "<numeral><numeral-root>5</numeral-root></numeral><kind>dominant</kind>";
        ReadSong read = Scores.read(Scores.of("<attributes><key><fifths>0</fifths><mode>major</mode></key></attributes><harmony>" + five + "</harmony>" + note("C4", 16),
                "<harmony>" + five + "<numeral><numeral-root>2</numeral-root></numeral><kind>minor</kind></harmony>" + note("C4", 16)));
        assertThat(Scores.chords(read)).as("five, and five of two").isEqualTo("G7@0-16 A7@16-32");
    }

    @Test
    void drumsAreTheNotesOfTheirInstruments() throws Exception {
        String xml = "<score-partwise version=\"4.0\"><part-list><score-part id=\"P1\"><part-name>Kit</part-name><score-instrument id=\"K\"><instrument-name>Kick</instrument-name>"
                + "</score-instrument><score-instrument id=\"S\"><instrument-name>Snare</instrument-name></score-instrument><midi-instrument id=\"K\"><midi-channel>10</midi-channel>"
                + "<midi-unpitched>37</midi-unpitched></midi-instrument><midi-instrument id=\"S\"><midi-channel>10</midi-channel><midi-unpitched>39</midi-unpitched></midi-instrument>"
                + "</score-part></part-list><part id=\"P1\"><measure number=\"1\"><attributes><divisions>1</divisions></attributes>"
                + drum("K") + drum("S") + drum("") + drum("K") + "</measure></part></score-partwise>";
        ReadSong read = Scores.read(xml);
        Part part = read.song().parts().get(0);
        assertThat(part.role()).isEqualTo(Role.DRUMS);
        assertThat(part.channel()).isEqualTo(9);
        assertThat(part.line().notes()).extracting(Note::pitch).as("the file counts MIDI notes from 1").containsExactly(36, 38, 36);
        assertThat(Scores.notices(read)).containsExactly("1 drum note without an instrument left out, in bar 1");
    }

    private static String drum(String instrument) {
        return "<note><unpitched><display-step>C</display-step><display-octave>5</display-octave></unpitched><duration>1</duration>"
                + (instrument.isEmpty() ? "" : "<instrument id=\"" + instrument + "\"/>") + "</note>";
    }

    @Test
    void listsWhatIsLeftOutWithHowOftenAndWhereFirst() throws Exception {
        String lyric = "<lyric><text>la</text></lyric>";
        ReadSong read = Scores.read(Scores.of(note("C4", 16), "<direction><direction-type><dynamics><f/></dynamics></direction-type></direction>"
                + "<direction><direction-type><wedge type=\"crescendo\"/></direction-type></direction>" + note("C4", 8, lyric) + note("D4", 8, lyric)
                + "<direction><direction-type><wedge type=\"stop\"/></direction-type></direction>",
                "<note>" + "<pitch><step>C</step><alter>0.5</alter><octave>4</octave></pitch><duration>4</duration></note>" + "<note><cue/>" + pitch("C4") + "<duration>4</duration></note>"
                        + note("E4", 4, "<notations><ornaments><trill-mark/></ornaments></notations>") + note("E4", 4, "<notations><glissando type=\"start\"/></notations>")));
        assertThat(Scores.notices(read)).containsExactly("2 lyrics left out, the first in bar 2", "1 mark of dynamics left out, in bar 2", "1 hairpin left out, in bar 2",
                "1 ornament left out, in bar 3", "1 glissando left out, in bar 3", "1 quarter tone left out, in bar 3; the note is the semitone next to it",
                "1 cue note left out, in bar 3");
        assertThat(read.song().parts().get(0).line().size()).as("a cue note is not played").isEqualTo(6);
    }

    @Test
    void readsTheOtherWayRoundToo() throws Exception {
        String xml = "<score-timewise version=\"4.0\"><part-list><score-part id=\"A\"><part-name>High</part-name></score-part><score-part id=\"B\"><part-name>Low</part-name></score-part>"
                + "</part-list><measure number=\"1\"><part id=\"A\"><attributes><divisions>4</divisions></attributes>" + note("C5", 16) + "</part><part id=\"B\"><attributes><divisions>2</divisions>"
                + "</attributes>" + note("C3", 8) + "</part></measure><measure number=\"2\"><part id=\"A\">" + note("D5", 16) + "</part><part id=\"B\">" + note("D3", 8)
                + "</part></measure></score-timewise>";
        ReadSong read = Scores.read(xml);
        assertThat(read.song().parts()).extracting(Part::name).containsExactly("High", "Low");
        assertThat(Scores.notes(read, 0)).isEqualTo("C5@0+16 D5@16+16");
        assertThat(Scores.notes(read, 1)).isEqualTo("C3@0+16 D3@16+16");
    }

    @Test
    void drumsAreWrittenWithTheirNames() {
        String xml = new String(MusicXmlFormat.PLAIN.write(LanternFerry.plain(), Set.of(4)).content(), StandardCharsets.UTF_8);
        assertThat(xml).contains("<sign>percussion</sign>", "<unpitched>", "<instrument-name>").doesNotContain("<pitch>", "Drum ");
    }

    @Test
    void aProjectKnowsThatItsSongCameFromAScore() throws Exception {
        Song song = Scores.read(Scores.of("<harmony><root><root-step>C</root-step></root><kind>major</kind></harmony>" + note("C4", 16))).song();
        Song back = ProjectReader.read(ProjectWriter.write(ProjectDocument.of(song)), "song.amber").song();
        assertThat(back).isEqualTo(song);
        assertThat(back.origin()).isEqualTo(Origin.SCORE);
        assertThat(back.parts().get(0).isOriginalKept()).isTrue();
    }

    @Test
    void theOriginalOfAScoreIsKept() throws Exception {
        ReadSong read = Scores.read(Scores.of(note("C4", 16)));
        assertThat(read.song().parts().get(0).isOriginalKept()).isTrue();
        assertThat(MidiReader.read(MidiExport.ofOriginals(read.song()).toBytes(), "back").song().parts().get(0).line().notes())
                .extracting(Note::pitch).containsExactly(60);
    }
}
