package amberfence.cli;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.format.project.ProjectFormat;
import amberfence.song.Note;
import amberfence.song.Song;
import amberfence.step.PartResult;
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

    @Test
    void aStepThatIsTypedWronglyNamesWhatIsWrongAndWhatIsNearest() {
        assertWrong("there is no step “bring-insid”; did you mean “bring-inside”?; steps lists all", "apply", ferry, "--out", out, "--step",
                "bring-insid");
        assertWrong("move has no setting “amuont”; did you mean “amount”?; it has by, amount", "apply", ferry, "--out", out, "--step",
                "move amuont=2");
        assertWrong("by=miles cannot be: it is one of semitones, octaves, degrees", "apply", ferry, "--out", out, "--step", "move by=miles");
        assertWrong("amount=200 cannot be: amount must be -127 to 127, not 200", "apply", ferry, "--out", out, "--step", "move amount=200");
        assertWrong("the setting “by” is given twice", "apply", ferry, "--out", out, "--step", "move by=octaves by=degrees");
        assertWrong("to-key needs the key to go to, as in to=\"F major\"", "apply", ferry, "--out", out, "--step", "to-key way=up");
        assertWrong("tie-break=down would be ignored: it counts only with to=nearest", "apply", ferry, "--out", out, "--step",
                "bring-inside to=up tie-break=down");
        assertWrong("hold=on would be ignored: it counts only with way=chord", "apply", ferry, "--out", out, "--step", "harmony hold=on");
        assertWrong("there is no part “Tuba”; parts are ", "apply", ferry, "--out", out, "--step", "fit-chords chords=Tuba");
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
        // Every usual value is one that can be typed.
        for (JsonNode step : steps) {
            StringBuilder typed = new StringBuilder(step.get("name").asText());
            for (JsonNode setting : step.get("settings")) {
                String usual = setting.get("usual").asText();
                typed.append(usual.isEmpty() ? "" : " " + setting.get("key").asText() + "=\"" + usual + "\"");
            }
            assertThat(run("apply", ferry, "--out", out, "--part", "1", "--step", typed)).as(typed + " " + complaint).isZero();
        }
    }
}
