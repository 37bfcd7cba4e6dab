package amberfence.cli;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.format.midi.MidiExport;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectWriter;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.Song;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The commands as a person types them. */
class CommandLineTest extends Commands {
    @Test
    void analyzesAsJson() throws Exception {
        assertThat(run("analyze", ferry, "--json")).isZero();
        JsonNode root = new ObjectMapper().readTree(printed);
        assertThat(root.get("ticksPerQuarter").asInt()).isEqualTo(480);
        JsonNode best = root.get("keys").get(0);
        assertThat(best.get("tonic").asText() + " " + best.get("scale").asText()).isEqualTo("D dorian");
        assertThat(best.get("score").asDouble()).isBetween(0.5, 1.0);
        assertThat(root.get("keys").get(1).get("score").asDouble()).isLessThanOrEqualTo(best.get("score").asDouble());
        assertThat(root.get("parts")).hasSize(5);
        JsonNode tune = root.get("parts").get(0);
        assertThat(tune.get("index").asInt()).isZero();
        assertThat(tune.get("name").asText()).isEqualTo("Voice line");
        assertThat(tune.get("channel").asInt()).isZero();
        assertThat(tune.get("notes").asInt()).isEqualTo(79);
        assertThat(tune.get("outOfKey").asInt()).isPositive();
        assertThat(tune.get("chords").isArray()).isTrue();
        assertThat(root.get("parts").get(4).get("channel").asInt()).isEqualTo(9);
        assertThat(root.get("parts").get(4).get("outOfKey").asInt()).isZero();
        assertThat(root.get("findings").isArray()).isTrue();
    }

    @Test
    void analyzesAsText() {
        assertThat(run("analyze", ferry)).isZero();
        assertThat(printed).contains("32 bars in 6/8").contains("D dorian").contains("Harmonium")
                .contains("drums are left alone").contains("the file itself says C major");
    }

    @Test
    void withNeitherKeyNorSnapGivesTheFileBackByteForByte() throws Exception {
        assertThat(run("apply", ferry, "--out", out)).isZero();
        assertThat(Files.readAllBytes(out)).isEqualTo(Files.readAllBytes(ferry));
    }

    @Test
    void bringsInsideAKeyAndTellsEveryChange() throws Exception {
        Path table = folder.resolve("changes.csv");
        assertThat(run("apply", ferry, "--out", out, "--key", "D dorian", "--snap", "nearest", "--changes", table)).isZero();
        assertThat(printed).contains("Voice line: ").contains("Hand drum: left alone").contains("written: ");
        assertThat(notes(out, 0)).extracting(Note::pitch).doesNotContain(66, 68, 75);
        assertThat(notes(out, 4)).extracting(Note::pitch).isEqualTo(notes(ferry, 4).stream().map(Note::pitch).toList());
        assertThat(Files.readString(table)).contains("keeps the step; G4 would repeat its neighbour");
    }

    @Test
    void usesTheBestKeyWhenNoneIsNamedAndSaysWhich() {
        assertThat(run("apply", ferry, "--out", out, "--snap", "down")).isZero();
        assertThat(printed).contains("key: D dorian (found, score 0.");
    }

    @Test
    void saysHowToTakeKeysThatChangeAlongTheSong() {
        assertThat(run("apply", ferry, "--out", out, "--snap", "down")).isZero();
        assertThat(printed).contains("the key seems to change along the song; --key \"D dorian\" --key \"17: F major\" --key \"25: D dorian\" leaves ");
        assertThat(run("apply", ferry, "--out", out, "--snap", "down", "--key", "D dorian", "--key", "17: F major", "--key", "25: D dorian")).isZero();
        assertThat(printed).doesNotContain("seems to change");
    }

    @Test
    void removesOnlyWithRemove() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--key", "D dorian", "--snap", "remove", "--part", "0")).isZero();
        assertThat(notes(out, 0)).hasSizeLessThan(79);
        assertThat(notes(out, 2)).hasSize(notes(ferry, 2).size());
        for (String ties : List.of("shape", "down", "up", "chord")) {
            assertThat(run("apply", ferry, "--out", out, "--key", "D dorian", "--ties", ties)).isZero();
            assertThat(notes(out, 0)).hasSize(79);
        }
    }

    @Test
    void takesSeveralPartsAndAllowedNotes() throws Exception {
        assertThat(run("apply", "--part", "0", "2", "--allow", "C#,Eb", "--key", "D dorian", "--out", out, ferry)).isZero();
        assertThat(notes(out, 0)).extracting(Note::pitch).contains(73, 75).doesNotContain(66);
        assertThat(run("apply", ferry, "--part", "0", "--key", "D dorian", "--out", out)).isZero();
        assertThat(notes(out, 2)).extracting(Note::pitch).contains(54);
    }

    @Test
    void bringsDrumsInsideWhenTheyAreNamed() throws Exception {
        assertThat(run("apply", ferry, "--part", "4", "--key", "D dorian", "--out", out)).isZero();
        assertThat(notes(out, 4)).extracting(Note::pitch).doesNotContain(63);
    }

    @Test
    void appliesWhatAProjectHolds() throws Exception {
        Path project = folder.resolve("song.amber");
        Files.write(project, ProjectWriter.write(ProjectDocument.of(LanternFerry.song())));
        assertThat(run("apply", "--project", project, "--out", out)).isZero();
        assertThat(notes(out, 0)).extracting(Note::pitch).contains(73).doesNotContain(66, 68);
    }

    @Test
    void listsTheSteps() {
        assertThat(run("steps")).isZero();
        assertThat(printed).contains("bring-inside  Bring inside (Fence)").contains("to=nearest  where an outside note goes (nearest, line-first, up, down, out)");
    }

    @Test
    void changesTheType() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--type", "0")).isZero();
        assertThat(Files.readAllBytes(out)[9]).isZero();
    }

    @Test
    void partsAreChosenByTheirNumbersOrTheirNames() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--part", "voice line", "--transpose", "1")).isZero();
        byte[] named = Files.readAllBytes(out);
        assertThat(run("apply", ferry, "--out", out, "--part", "0", "--transpose", "1")).isZero();
        assertThat(Files.readAllBytes(out)).isEqualTo(named);
    }

    @Test
    void aWrongCommandIsCode2AndOneLine() {
        assertWrong("there is no part 9; the file has 0 Voice line, 1 ", "apply", ferry, "--out", out, "--part", "9");
        assertWrong("“D doriam” is no key: D is understood as the tonic", "apply", ferry, "--out", out, "--key", "D doriam");
        assertWrong("say with --out which file to write", "apply", ferry);
        assertWrong("is the input itself; the original is never written over", "apply", ferry, "--out", ferry);
        assertWrong("lies in a folder that does not exist", "apply", ferry, "--out", folder.resolve("no").resolve("o.mid"));
        assertWrong("there is no option --loud; analyze --help lists all", "analyze", ferry, "--loud");
        assertWrong("“more” has no place here; recipes --help tells what has", "recipes", "octave-below", "more");
        assertWrong("FILE is missing: ", "analyze");
        assertWrong("--type takes a number, not “two”", "apply", ferry, "--out", out, "--type", "two");
        assertWrong("no song is written to song.mp3; endings are .mid, .midi, ", "apply", ferry, "--out", folder.resolve("song.mp3"));
        assertWrong("give either a MIDI file or --project", "apply", "--out", out);
        assertWrong("--type is 0 or 1, not 2", "apply", ferry, "--out", out, "--type", "2");
        assertWrong("--snap: to=sideways cannot be: it is one of nearest, line-first, up, down, out", "apply", ferry, "--out", out, "--snap", "sideways");
        assertWrong("“Q” is no note name", "apply", ferry, "--out", out, "--key", "C", "--allow", "Q");
        assertThat(out).doesNotExist();
    }

    @Test
    void anUnreadableInputIsCode3AndOneLine() throws Exception {
        Path text = folder.resolve("letter.mid");
        Files.writeString(text, "Dear all");
        for (Path bad : List.of(text, folder, folder.resolve("missing.mid"))) {
            assertThat(run("analyze", bad)).isEqualTo(3);
            assertThat(complaint).startsWith("amber-fence: ").endsWith(System.lineSeparator());
            assertThat(complaint.lines().count()).isEqualTo(1);
        }
        assertThat(run("apply", "--project", text, "--out", out)).isEqualTo(3);
        assertThat(out).doesNotExist();
    }

    @Test
    void movesBySemitonesOctavesAndDegrees() throws Exception {
        List<Integer> before = pitches(ferry, 1);
        assertThat(run("apply", ferry, "--out", out, "--part", "1", "--transpose", "-3", "--octaves", "2")).isZero();
        assertThat(pitches(out, 1)).isEqualTo(before.stream().map(pitch -> pitch + 21).toList());
        assertThat(printed).contains("Fretless: Move: ").doesNotContain("key: ");
        assertThat(pitches(out, 0)).isEqualTo(pitches(ferry, 0));
        assertThat(run("apply", ferry, "--out", out, "--part", "1", "--key", "D dorian", "--degrees", "7")).isZero();
        assertThat(pitches(out, 1)).isEqualTo(before.stream().map(pitch -> pitch + 12).toList());
    }

    @Test
    void movesToAKeyMirrorsAndFoldsInTheOrderGiven() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--part", "0", "--key", "D dorian", "--to-key", "F major", "--snap", "nearest"))
                .isZero();
        Key major = Key.parse("F major");
        assertThat(pitches(out, 0)).allMatch(pitch -> major.pitchClasses().containsPitch(pitch));
        assertThat(printed).contains("Voice line: Move to another key: ");
        assertThat(run("apply", ferry, "--out", out, "--part", "0", "--mirror", "A4", "--fold", "C4")).isZero();
        assertThat(pitches(out, 0)).allMatch(pitch -> pitch >= 54 && pitch <= 65);
        List<Integer> folded = pitches(out, 0);
        assertThat(run("apply", ferry, "--out", out, "--part", "0", "--fold", "C4", "--mirror", "A4")).isZero();
        assertThat(pitches(out, 0)).isNotEqualTo(folded);
    }

    @Test
    void addsHarmonyLines() throws Exception {
        List<Note> tune = LanternFerry.plain().part(0).line().notes();
        assertThat(run("apply", ferry, "--out", out, "--part", "0", "--harmony", "third above, octave below",
                "--harmony-way", "exact")).isZero();
        assertThat(printed).contains("Voice line: Harmony: " + 2 * tune.size() + " notes added");
        assertThat(notes(out, 0)).hasSize(3 * tune.size());
        for (Note note : tune) {
            assertThat(notes(out, 0)).filteredOn(other -> other.start() == note.start() && other.length() == note.length()
                    && other.velocity() == note.velocity()).extracting(Note::pitch)
                    .contains(note.pitch(), note.pitch() + 4, note.pitch() - 12);
        }
        assertThat(run("apply", ferry, "--out", out, "--harmony", "third")).isEqualTo(2);
        assertThat(complaint).contains("no harmony line; write an interval and a side");
        assertThat(run("apply", ferry, "--out", out, "--harmony-way", "chord")).isEqualTo(2);
        assertThat(complaint).contains("--harmony-way belongs right behind --harmony");
    }

    @Test
    void quantizesWithAStrength() throws Exception {
        Path late = folder.resolve("late.mid");
        Song song = LanternFerry.plain();
        Song played = song.withPart(0, part -> part.withTake(take -> take.withLine(Line.of(take.line().notes().stream()
                .map(note -> note.withStart(note.start() + 40)).toList()))));
        Files.write(late, MidiExport.ofOriginals(played).toBytes());
        assertThat(run("apply", late, "--out", out, "--part", "0", "--quantize", "1/16")).isZero();
        assertThat(notes(out, 0)).allMatch(note -> note.start() % 120 == 0);
        assertThat(run("apply", late, "--out", out, "--part", "0", "--quantize", "1/16", "--strength", "70")).isZero();
        assertThat(notes(out, 0)).allMatch(note -> note.start() % 120 == 12);
        assertThat(run("apply", late, "--out", out, "--strength", "70")).isEqualTo(2);
        assertThat(complaint).contains("--strength belongs right behind --quantize");
    }

    @Test
    void picksNotesForTheStepsBehind() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--part", "2", "--key", "D dorian", "--pick", "lowest", "--octaves", "-1",
                "--pick", "all", "--snap", "nearest")).isZero();
        List<Note> before = notes(ferry, 2);
        List<Note> after = notes(out, 2);
        int lowered = 0;
        for (Note note : before) {
            boolean lowest = before.stream().noneMatch(other -> other.start() == note.start() && other.pitch() < note.pitch());
            // One of them is outside and comes inside on the way.
            boolean found = after.stream().anyMatch(other -> other.start() == note.start()
                    && Math.abs(other.pitch() - (note.pitch() - 12)) <= 1);
            lowered += lowest && found ? 1 : 0;
        }
        assertThat(lowered).isEqualTo((int) before.stream().map(Note::start).distinct().count());
        assertThat(run("apply", ferry, "--out", out, "--pick", "loudest", "--octaves", "1")).isEqualTo(2);
        assertThat(complaint).startsWith("amber-fence: “loudest” is no condition of a pick");
    }

    @Test
    void refusesWhatNoStepCanMean() {
        assertThat(run("apply", ferry, "--out", out, "--fold", "C3..C3")).isEqualTo(2);
        assertThat(complaint).contains("at least an octave");
        assertThat(run("apply", ferry, "--out", out, "--quantize", "1/5")).isEqualTo(2);
        assertThat(complaint).contains("is no grid");
        assertThat(run("apply", ferry, "--out", out, "--to-key", "H")).isEqualTo(2);
    }

    @Test
    void listsEveryStepWithItsSettings() {
        assertThat(run("steps")).isZero();
        StepCatalogue.all().forEach(schema -> assertThat(printed).contains(schema.name()).contains(schema.title()));
    }

    @Test
    void tellsTheChordsWithNumeralsAndHowCertainTheyAre() throws Exception {
        assertThat(run("analyze", ferry, "--json")).isZero();
        JsonNode root = new ObjectMapper().readTree(printed);
        JsonNode chords = root.get("parts").get(2).get("chords");
        assertThat(chords.get(0).get("symbol").asText()).isEqualTo("Dm");
        assertThat(chords.get(0).get("roman").asText()).isEqualTo("i");
        assertThat(chords.get(0).get("startTick").asLong()).isZero();
        assertThat(chords.get(0).get("endTick").asLong()).isEqualTo(1440);
        assertThat(chords.get(2).get("symbol").asText()).isEqualTo("Am7");
        assertThat(chords.get(2).get("roman").asText()).isEqualTo("v7");
        assertThat(chords).allSatisfy(chord -> assertThat(chord.get("confidence").asDouble()).isBetween(0.0, 1.0));
        assertThat(root.get("chords").size()).isGreaterThan(20);
        assertThat(run("analyze", ferry)).isZero();
        assertThat(printed).contains("Chords").contains("| Dm | G | Am7 | Cmaj7 |");
    }

    /** Whether every note of a part lies on the chord of its bar, the bars given one after the other. */
    private void assertOnChords(int part, String... chords) throws Exception {
        for (Note note : notes(out, part)) {
            int bar = (int) ((note.start() + 60) / 1440);
            Chord chord = Chord.parse(chords[Math.min(bar, chords.length - 1)]);
            assertThat(chord.pitchClasses().containsPitch(note.pitch())).as("%s over %s", note, chord).isTrue();
        }
    }

    @Test
    void fitsChordPartsToAProgressionByTime() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--progression", "| Dm7 | G7 | Cmaj7 |", "--fit", "chords")).isZero();
        assertThat(printed).contains("Harmonium: Fit chords: ").doesNotContain("Fretless: Fit");
        assertOnChords(2, "Dm7", "G7", "Cmaj7");
        assertThat(notes(out, 2)).extracting(Note::start).isEqualTo(notes(ferry, 2).stream().map(Note::start).toList());
        assertThat(notes(out, 0)).isEqualTo(notes(ferry, 0));
    }

    @Test
    void splitsWhatIsHeldAcrossAChangeOnlyWhenAsked() throws Exception {
        List<String> command = List.of("--progression", "| Dm7 G7 | Cmaj7 Am |", "--fit", "chords");
        assertThat(run("apply", ferry, "--out", out, command.get(0), command.get(1), command.get(2), command.get(3))).isZero();
        assertThat(notes(out, 2)).hasSameSizeAs(notes(ferry, 2));
        assertThat(run("apply", ferry, "--out", out, command.get(0), command.get(1), command.get(2), command.get(3), "--held",
                "restrike", "--chord-bass")).isZero();
        assertThat(notes(out, 2)).hasSizeGreaterThan(notes(ferry, 2).size());
        assertThat(printed).contains(" added");
    }

    @Test
    void fitsABassToWhatAnotherPartPlays() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--progression-from", "2", "--fit", "bass", "--strong", "root", "--variety", "0",
                "--between", "scale,step", "--seed", "3", "--range", "E1..E3")).isZero();
        assertThat(printed).contains("Fretless: Fit bass: ");
        assertThat(notes(out, 1)).allMatch(note -> note.pitch() >= 28 && note.pitch() <= 52);
        assertThat(notes(out, 1).get(0).pitch() % 12).as("the harmonium begins with Dm").isEqualTo(2);
    }

    @Test
    void listsClashesOrFitsTheMelody() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--progression-from", "2", "--key", "D dorian", "--part", "0", "--fit", "melody",
                "--clashes")).isZero();
        assertThat(printed).contains("7:1  C♯5 clashes with Em7: none of its notes, on a strong beat; B4 or D5 would resolve it");
        assertThat(notes(out, 0)).isEqualTo(notes(ferry, 0));
        assertThat(run("apply", ferry, "--out", out, "--progression-from", "2", "--key", "D dorian", "--part", "0", "--fit", "melody"))
                .isZero();
        assertThat(printed).contains("Voice line: Fit melody: ");
        assertThat(notes(out, 0)).isNotEqualTo(notes(ferry, 0));
    }

    @Test
    void playsAFigureThroughTheChords() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--progression", "| F | C |".repeat(16), "--part", "3", "--follow", "member",
                "--register", "climbing", "--restart", "bar", "--written-over", "Dm")).isZero();
        assertThat(notes(out, 3)).hasSize(192).allMatch(note -> Chord.parse(note.start() / 1440 % 2 == 0 ? "F" : "C").pitchClasses()
                .containsPitch(note.pitch()));
        assertThat(run("apply", ferry, "--out", out, "--progression", "| F | C |", "--follow", "member")).isEqualTo(2);
        assertThat(complaint).contains("no part has the role of figure; say with --part which to take");
        assertThat(run("apply", ferry, "--out", out, "--progression", "| F | Hm |", "--fit", "chords")).isEqualTo(2);
        assertThat(complaint).contains("bar 2: ");
        assertThat(run("apply", ferry, "--out", out, "--progression-from", "7", "--fit", "chords")).isEqualTo(2);
        assertThat(complaint).contains("there is no part 7");
        assertThat(run("apply", ferry, "--out", out, "--seed", "3")).isEqualTo(2);
        assertThat(complaint).contains("--seed belongs right behind --fit bass");
    }

    @Test
    void harmonizesToTheChordsHoldingWhatIsCommon() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--progression", "| C |", "--part", "0", "--harmony", "third below",
                "--harmony-way", "chord", "--hold-common", "--no-crossing", "--gaps", "hold")).isZero();
        List<Note> before = notes(ferry, 0);
        List<Note> added = notes(out, 0).stream().filter(note -> before.stream().noneMatch(old -> old.start() == note.start()
                && old.pitch() == note.pitch())).toList();
        assertThat(added).hasSizeGreaterThan(70).allMatch(note -> Chord.parse("C").pitchClasses().containsPitch(note.pitch()));
    }

    @Test
    void writesASoundFileOfTheSongOrOfAPart() throws Exception {
        Path wav = folder.resolve("ferry.wav");
        assertThat(run("sound", ferry, "--out", wav, "--part", "1")).isZero();
        assertThat(printed).contains("written: " + wav).contains(" seconds");
        byte[] bytes = Files.readAllBytes(wav);
        assertThat(new String(bytes, 0, 4, StandardCharsets.US_ASCII)).isEqualTo("RIFF");
        // 32 bars of 6/8 at 72 dotted quarters a minute, a little short of the last bar line, and two seconds to ring.
        double seconds = (bytes.length - 44) / 4.0 / 44_100;
        assertThat(seconds).isBetween(32 * 2 * 60 / 72.0, 32 * 2 * 60 / 72.0 + 2.01);
        assertThat(run("sound", ferry, "--out", wav, "--part", "8")).isEqualTo(2);
        assertThat(complaint).contains("there is no part 8");
        assertThat(run("sound", ferry, "--out", wav, "--sounds", ferry)).isEqualTo(3);
        assertThat(complaint).contains("holds no sounds that can be read");
        assertThat(run("sound", folder.resolve("missing.mid"), "--out", wav)).isEqualTo(3);
    }

    @Test
    void rangesWithoutTheirEndsAreRefusedInWords() {
        for (String range : List.of("..", "C3..", "..C5", "C3..C4..C5")) {
            assertThat(run("apply", ferry, "--out", out, "--fold", range)).isEqualTo(2);
            assertThat(complaint).contains("“" + range + "” is no range; write two notes, as in C3..C5");
            assertThat(run("apply", ferry, "--out", out, "--progression", "| Dm |", "--fit", "bass", "--range", range)).isEqualTo(2);
            assertThat(complaint).contains("is no range");
        }
        assertThat(out).doesNotExist();
    }

    @Test
    void targetsThatAreNoPlainFilesAreRefusedBeforeAnythingIsDone() throws Exception {
        Path pipe = folder.resolve("pipe");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
        for (String command : List.of("apply", "sound")) {
            assertThat(run(command, ferry, "--out", pipe)).isEqualTo(1);
            assertThat(complaint).isEqualTo("amber-fence: " + pipe + " cannot be written: it is no plain file, but a pipe, a socket or a "
                    + "device\n");
        }
    }

    @Test
    void damagedSoundsAreToldAndTheTargetStaysAsItWas() throws Exception {
        Path wav = Files.writeString(folder.resolve("precious.wav"), "precious");
        byte[] font = new byte[4000];
        new Random(5).nextBytes(font);
        System.arraycopy("RIFF".getBytes(StandardCharsets.US_ASCII), 0, font, 0, 4);
        System.arraycopy("sfbk".getBytes(StandardCharsets.US_ASCII), 0, font, 8, 4);
        Path sounds = Files.write(folder.resolve("broken.sf2"), font);
        assertThat(run("sound", ferry, "--out", wav, "--sounds", sounds)).isEqualTo(3);
        assertThat(complaint).startsWith("amber-fence: " + sounds).hasLineCount(1).doesNotContain("Exception", "java.");
        assertThat(wav).hasContent("precious");
    }
}
