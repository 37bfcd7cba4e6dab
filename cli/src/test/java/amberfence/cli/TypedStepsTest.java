package amberfence.cli;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.demo.SaltStair;
import amberfence.format.midi.MidiExport;
import amberfence.format.project.ProjectFormat;
import amberfence.notes.Note;
import amberfence.result.PartResult;
import amberfence.song.Song;
import amberfence.step.SettingTexts;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.move.Move;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Steps as they are typed, and the options that stand for them. */
class TypedStepsTest extends Commands {
    @Test
    void anyStepIsTypedWithItsSettings() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--key", "D dorian", "--part", "1", "--step", "move by=octaves amount=-1", "--step",
                "lengths how=staccato amount=60%")).isZero();
        List<Note> typed = notes(out, 1);
        assertThat(run("apply", ferry, "--out", out, "--key", "D dorian", "--part", "1", "--octaves", "-1", "--staccato", "60")).isZero();
        assertThat(typed).isEqualTo(notes(out, 1));
        assertThat(run("apply", ferry, "--out", out, "--part", "0", "--step", "to-key to=\"Bb minor\" way=down")).isZero();
        assertThat(run("apply", ferry, "--out", out, "--part", "1", "--step", "fit-bass chords=Harmonium between=scale,semitone range=E1..C4"))
                .isZero();
        assertThat(run("apply", ferry, "--out", out, "--part", "0", "--pick", "lowest", "--step", "harmony lines='third above, sixth below'"))
                .isZero();
        assertThat(notes(out, 0)).hasSizeGreaterThan(notes(ferry, 0).size());
    }

    /** The first chord of the demo's harmonium is D3 F3 A3 at tick 0; 60 ticks are a thirty-second. */
    @Test
    void aChordPartIsStrummedInOneLine() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--part", "2", "--step", "strum from=above over=1/32")).isZero();
        assertThat(notes(out, 2).subList(0, 3)).extracting(note -> note.pitch() + "@" + note.start())
                .containsExactly("57@0", "53@30", "50@60");
        assertThat(notes(out, 2).subList(0, 3)).extracting(Note::end).containsOnly(notes(ferry, 2).get(0).end());
        assertThat(run("apply", ferry, "--out", out, "--part", "2", "--step", "strum over=soon")).isEqualTo(2);
    }

    private Path salt() throws Exception {
        Path salt = folder.resolve("salt.mid");
        Files.write(salt, MidiExport.ofOriginals(SaltStair.plain()).toBytes());
        return salt;
    }

    @Test
    void aChordPartBecomesABassInANewPartInOneLine() throws Exception {
        Path salt = salt();
        assertThat(run("apply", salt, "--out", out, "--new-part", "Low", "--step", "voice from=Keys which=lowest range=E1..G2 join=on")).isZero();
        assertThat(printed).contains("Low: Voice of a part: 16 notes added").doesNotContain("Keys:");
        assertThat(notes(out, 0)).as("the others are as they were").isEqualTo(notes(salt, 0));
        List<Note> low = notes(out, 3);
        assertThat(low.subList(0, 3)).extracting(Note::pitch).as("E3, C3 and G3 in the range of a bass").containsExactly(40, 36, 43);
        assertThat(low.get(0).channel()).as("a channel that no part had").isEqualTo(3);
        assertWrong("voice needs the part whose voice it is, as in from=1", "apply", salt, "--out", out, "--new-part", "Low", "--step", "voice which=lowest");
        assertWrong("--new-part needs a name", "apply", salt, "--out", out, "--new-part", " ");
    }

    @Test
    void aChordPartBecomesFourPartsInOneLineAndNothingOfItIsLost() throws Exception {
        Path salt = salt();
        assertThat(run("apply", salt, "--out", out, "--part", "0", "--voices", "4")).isZero();
        List<Note> together = new ArrayList<>();
        for (int part = 3; part < 7; part++) {
            together.addAll(notes(out, part));
        }
        assertThat(together).hasSizeGreaterThan(40);
        List<Note> chords = notes(salt, 0);
        for (Note note : chords) {
            assertThat(together).anyMatch(line -> line.pitch() == note.pitch() && line.start() <= note.start() && line.end() >= note.end());
        }
        assertWrong("lines must be 2 to 8, not 9", "apply", salt, "--out", out, "--voices", "9");
    }

    @Test
    void aChordPartBecomesAnArpeggioWithPassingNotesInOneLine() throws Exception {
        Path salt = salt();
        assertThat(run("apply", salt, "--out", out, "--part", "0", "--quantize", "1/4", "--step", "arpeggio rate=1/8 length=50%", "--step",
                "fill rate=1/16 density=100%")).isZero();
        List<Note> notes = notes(out, 0);
        assertThat(notes.subList(0, 8)).extracting(Note::start).containsExactly(0L, 120L, 240L, 360L, 480L, 600L, 720L, 840L);
        assertWrong("chord=bank asks for chords on keys", "apply", salt, "--out", out, "--part", "0", "--step", "stack chord=bank");
    }

    @Test
    void aRecipeIsTakenByItsNameOrFromAFile() throws Exception {
        Path salt = salt();
        assertThat(run("apply", salt, "--out", out, "--part", "0", "--recipe", "bass-from-chords")).isZero();
        assertThat(notes(out, 0)).hasSize(16).extracting(Note::pitch).startsWith(40, 36, 43, 38);
        Path own = folder.resolve("short.txt");
        Files.writeString(own, "# short ones\npick lowest\nlengths how=staccato amount=20%\n");
        assertThat(run("apply", salt, "--out", out, "--part", "0", "--recipe", own)).isZero();
        Files.writeString(own, "# short ones\nlengths how=shorter\n");
        assertWrong("line 2 of the recipe: how=shorter cannot be", "apply", salt, "--out", out, "--recipe", own);
        assertWrong("there is no recipe and no file “bas”", "apply", salt, "--out", out, "--recipe", "bas");
        assertThat(run("recipes")).isZero();
        assertThat(printed).contains("bass-from-chords", "Only the lowest notes");
        assertThat(run("recipes", "drop-2")).isZero();
        assertThat(printed).contains("pick voice 2 from top");
    }

    @Test
    void severalFilesGoIntoAFolderAndABadOneDoesNotStopTheOthers() throws Exception {
        Path salt = salt();
        Path bad = folder.resolve("bad.mid");
        Files.writeString(bad, "no song");
        Path results = Files.createDirectory(folder.resolve("results"));
        assertThat(run("apply", salt, bad, ferry, "--out-dir", results, "--octaves", "1")).isEqualTo(1);
        assertThat(printed.lines().toList()).hasSize(3);
        assertThat(printed.lines().toList().get(0)).startsWith("salt.mid").contains("done").contains("changes");
        assertThat(printed.lines().toList().get(1)).startsWith("bad.mid").contains("failed");
        assertThat(complaint).contains("1 of 3 files failed");
        assertThat(notes(results.resolve("ferry.mid"), 0).get(0).pitch()).isEqualTo(notes(ferry, 0).get(0).pitch() + 12);
        assertThat(results.resolve("bad.mid")).doesNotExist();
        assertThat(run("apply", salt, ferry, "--out-dir", results, "--octaves", "1")).isZero();
        assertWrong("several files go into a folder", "apply", salt, ferry, "--out", out, "--octaves", "1");
        assertWrong("do not go with --out-dir", "apply", salt, "--out-dir", results, "--out", out);
        assertWrong("is no folder", "apply", salt, "--out-dir", ferry, "--octaves", "1");
        assertThat(run("apply", salt, "--out-dir", folder.resolve("new/results"), "--octaves", "1")).isZero();
        assertThat(folder.resolve("new/results/salt.mid")).exists();
        assertWrong("say with --out", "apply", salt, "--octaves", "1");
    }

    @Test
    void aStepIsShownByItsName() {
        assertThat(run("steps", "fold")).isZero();
        assertThat(printed).startsWith("fold  ").contains("range=").doesNotContain("bring-inside");
        assertThat(run("steps", "to-key")).as("also one that cannot do without a setting").isZero();
        assertThat(printed).startsWith("to-key  ");
        assertWrong("there is no step “fould”, perhaps “fold”; steps lists all", "steps", "fould");
    }

    /** A chart holds no notes, so what is made of one is a MIDI file, and is called so. */
    @Test
    void whatIsMadeOfAChartInAFolderIsAMidiFile() throws Exception {
        Path chart = Files.writeString(folder.resolve("walk.txt"), "| C | Am | F | G |");
        Path results = folder.resolve("made");
        assertThat(run("apply", chart, "--out-dir", results, "--new-part", "Keys", "--step", "play-chords")).as(complaint).isZero();
        assertThat(notes(results.resolve("walk.mid"), 0)).isNotEmpty();
        assertThat(results.resolve("walk.txt")).doesNotExist();
        Path same = Files.copy(ferry, folder.resolve("walk.mid"));
        assertWrong("the results of two of the files would be called walk.mid", "apply", chart, same, "--out-dir", results, "--octaves", "1");
    }

    @Test
    void aFileIsReadThroughAndMended() throws Exception {
        assertThat(run("check", ferry, "--key", "D dorian", "--kinds", "outside", "--json")).isEqualTo(1);
        JsonNode checked = new ObjectMapper().readTree(printed);
        assertThat(checked.get("key").asText()).isEqualTo("D dorian");
        JsonNode first = checked.get("findings").get(0);
        // Bar 2 of the voice is G4:3 F#4:2 A4 in 6/8: the fourth eighth.
        assertThat(first.get("bar").asInt()).isEqualTo(2);
        assertThat(first.get("beat").asDouble()).isEqualTo(4.0);
        assertThat(first.get("part").asInt()).isZero();
        assertThat(first.get("kind").asText()).isEqualTo("outside");
        assertThat(first.get("pitches")).extracting(JsonNode::asInt).containsExactly(66);
        assertThat(first.get("fixes")).extracting(JsonNode::asText).containsExactly("F4", "G4", "allow it always");
        assertThat(run("check", ferry, "--key", "D dorian", "--kinds", "outside")).isEqualTo(1);
        assertThat(printed).contains("2:4  Voice line  F♯4 is outside D dorian (F4, G4, allow it always)");
        assertThat(run("apply", ferry, "--out", out, "--key", "D dorian", "--mend", "outside")).isZero();
        assertThat(run("check", out, "--key", "D dorian", "--kinds", "outside")).isZero();
        assertThat(printed).isEqualToIgnoringWhitespace("nothing found");
        assertWrong("“wrong” is no kind; kinds are outside", "check", ferry, "--kinds", "wrong");
    }

    @Test
    void aStepThatIsTypedWronglyNamesWhatIsWrongAndWhatIsNearest() {
        assertWrong("there is no step “bring-insid”, perhaps “bring-inside”; steps lists all", "apply", ferry, "--out", out, "--step",
                "bring-insid");
        assertWrong("move has no setting “amuont”, perhaps “amount”; it has by, amount", "apply", ferry, "--out", out, "--step",
                "move amuont=2");
        assertWrong("by=miles cannot be: it is one of semitones, octaves, degrees", "apply", ferry, "--out", out, "--step", "move by=miles");
        assertWrong("amount=200 cannot be: amount must be -127 to 127, not 200", "apply", ferry, "--out", out, "--step", "move amount=200");
        assertWrong("the setting “by” is given twice", "apply", ferry, "--out", out, "--step", "move by=octaves by=degrees");
        assertWrong("to-key needs the key to go to, as in to=\"F major\"", "apply", ferry, "--out", out, "--step", "to-key way=up");
        assertWrong("tie-break=down would be ignored: it counts only with to=nearest or line-first", "apply", ferry, "--out", out, "--step",
                "bring-inside to=up tie-break=down");
        assertWrong("hold=on would be ignored: it counts only with way=chord", "apply", ferry, "--out", out, "--step", "harmony hold=on");
        assertWrong("there is no part Tuba; the file has 0 ", "apply", ferry, "--out", out, "--step", "fit-chords chords=Tuba");
        assertWrong("--tie-break and --strong-chords would be ignored", "apply", ferry, "--out", out, "--octaves", "1", "--strong-chords",
                "--ties", "up");
        assertThat(out).doesNotExist();
    }

    @Test
    void anOptionStandsForAStepWithSettings() throws Exception {
        String[][] pairs = {{"--snap up", "bring-inside to=up"}, {"--degrees 2", "move by=degrees amount=2"},
            {"--mirror-degrees A4", "mirror about=A4 along=degrees"}, {"--fold C4", "fold around=C4"},
            {"--quantize 1/8t --ends both --swing 60", "tidy-timing grid=1/8t ends=both swing=60"}, {"--legato", "lengths how=legato"},
            {"--harmony octave_above --no-crossing", "harmony lines='octave above' crossing=off"}};
        for (String[] pair : pairs) {
            List<String> words = new ArrayList<>(List.of("apply", ferry.toString(), "--out", out.toString(), "--key", "D dorian", "--part", "0"));
            for (String word : pair[0].split(" ")) {
                words.add(word.equals("octave_above") ? "octave above" : word);
            }
            assertThat(run(words.toArray())).as(pair[0] + complaint).isZero();
            List<Note> byOption = notes(out, 0);
            assertThat(run("apply", ferry, "--out", out, "--key", "D dorian", "--part", "0", "--step", pair[1])).isZero();
            assertThat(byOption).as(pair[0]).isEqualTo(notes(out, 0));
        }
        assertWrong("--fit knows no “drums”", "apply", ferry, "--out", out, "--fit", "drums");
    }

    @Test
    void aProjectInPlaceOfAMidiFileKeepsItsOwnKeys() throws Exception {
        Path project = Files.write(folder.resolve("song.amber"), ProjectFormat.PROJECT.write(LanternFerry.song(), Set.of()).content());
        assertThat(run("analyze", project)).isZero();
        assertThat(run("apply", project, "--out", out, "--part", "0", "--step", "move by=degrees amount=1")).isZero();
        Song song = LanternFerry.song();
        List<Note> own = PartResult.of(song.plusStep(0, Move.SCHEMA.read(Map.of("by", "degrees", "amount", "1"), SettingTexts.ALONE)),
                song.plusStep(0, Move.SCHEMA.read(Map.of("by", "degrees", "amount", "1"), SettingTexts.ALONE)).part(0)).line().notes();
        assertThat(notes(out, 0)).extracting(Note::pitch).as("the bridge stands in F major").isEqualTo(own.stream().map(Note::pitch).toList());
    }

    @Test
    void stepsAreListedForPrograms() throws Exception {
        assertThat(run("steps", "--json")).isZero();
        JsonNode steps = new ObjectMapper().readTree(printed);
        assertThat(steps).hasSize(StepCatalogue.all().size());
        JsonNode move = steps.get(1);
        assertThat(move.get("name").asText()).isEqualTo("move");
        assertThat(move.get("group").asText()).isEqualTo("Pitch");
        assertThat(move.get("touches").get(0).asText()).isEqualTo("pitch");
        assertThat(move.get("settings").get(0).get("values")).extracting(JsonNode::asText).containsExactly("semitones", "octaves", "degrees");
        assertThat(move.get("settings").get(0).get("label").asText()).as("as a form words it, for translators").isEqualTo("By");
        assertThat(move.get("settings").get(0).get("words")).extracting(JsonNode::asText)
                .containsExactly("semitones", "octaves", "degrees of the scale");
        assertThat(move.get("settings").get(1).get("least").asInt()).isEqualTo(-127);
        assertThat(move.get("settings").get(1).get("usual").asText()).isEqualTo("1");
        // Every usual value is one that can be typed; which part is meant nobody can know.
        for (JsonNode step : steps) {
            StringBuilder typed = new StringBuilder(step.get("name").asText());
            for (JsonNode setting : step.get("settings")) {
                String usual = setting.get("type").asText().equals("part") ? "0" : setting.get("usual").asText();
                typed.append(usual.isEmpty() ? "" : " " + setting.get("key").asText() + "=\"" + usual + "\"");
            }
            assertThat(run("apply", ferry, "--out", out, "--part", "1", "--step", typed)).as(typed + " " + complaint).isZero();
        }
    }
}
