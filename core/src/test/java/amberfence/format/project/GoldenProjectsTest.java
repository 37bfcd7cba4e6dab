package amberfence.format.project;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.format.midi.MidiExport;
import amberfence.result.PartResult;
import amberfence.song.Song;
import amberfence.step.Finding;
import amberfence.step.StepSlot;
import amberfence.step.UnreadStep;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.fence.BringInside;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** A project of every version ever released opens, and comes to the same notes as when it was saved. */
class GoldenProjectsTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static byte[] resource(String name) throws IOException {
        try (var in = GoldenProjectsTest.class.getResourceAsStream("/projects/" + name)) {
            return in.readAllBytes();
        }
    }

    /** Written by the version that had format 1, with the MIDI file that it exported then: every step, with unusual settings. */
    @Test
    void versionOneOpensWithTheSameResultNoteForNote() throws Exception {
        Song song = ProjectReader.read(resource("version-1.amber"), "version-1.amber").song();
        Set<String> steps = new TreeSet<>();
        song.parts().forEach(part -> part.steps().forEach(slot -> steps.add(StepCatalogue.of(slot.step()).name())));
        assertThat(steps).hasSize(14);
        assertThat(new MidiExport(song, PartResult.lines(song), Optional.empty()).toBytes()).isEqualTo(resource("version-1.mid"));
    }

    @Test
    void versionOneIsSavedAsVersionFourAndLosesNothing() throws Exception {
        ProjectDocument first = ProjectReader.read(resource("version-1.amber"), "x");
        byte[] second = ProjectWriter.write(first);
        assertThat(MAPPER.readTree(second).get("version").asInt()).isEqualTo(4);
        assertThat(ProjectReader.read(second, "x").song()).isEqualTo(first.song());
    }

    @Test
    void versionTwoReadsByTheNamesOfTheSteps() throws Exception {
        Song song = ProjectReader.read(resource("version-2.amber"), "version-2.amber").song();
        assertThat(song).isEqualTo(ProjectReader.read(resource("version-1.amber"), "x").song());
        String text = new String(resource("version-2.amber"), StandardCharsets.UTF_8);
        assertThat(text).contains("\"kind\" : \"bring-inside\"", "\"tie-break\" : \"chord\"", "\"chords\" : \"part 2\"",
                "\"lines\" : \"third below, sixth above\"", "\"variety\" : \"80%\"", "\"bass\" : true");
    }

    @Test
    void anUnknownStepLetsNotesPassSaysSoAndIsWrittenBack() throws Exception {
        ObjectNode root = (ObjectNode) MAPPER.readTree(resource("version-2.amber"));
        ObjectNode step = (ObjectNode) root.at("/parts/3/takes/0/steps/0");
        step.put("kind", "levitate").put("note", "keep me");
        step.putObject("settings").put("height", 3).put("how", "slowly");
        ProjectDocument read = ProjectReader.read(MAPPER.writeValueAsBytes(root), "x");
        StepSlot slot = read.song().part(3).steps().get(0);
        assertThat(slot.step()).isInstanceOf(UnreadStep.class);
        assertThat(PartResult.of(read.song(), read.song().part(3)).stages().get(0).outcome().findings())
                .containsExactly(new Finding.Unread("the step “levitate” is not known here"));
        ObjectNode again = (ObjectNode) MAPPER.readTree(ProjectWriter.write(read.withSong(read.song().withTitle("Other"))));
        step.put("meant", false).putObject("resolved");
        assertThat(again.at("/parts/3/takes/0/steps/0")).as("and what this version keeps beside every step").isEqualTo(step);
    }

    @Test
    void aWrongValueCostsTheStepNotTheSong() throws Exception {
        ObjectNode root = (ObjectNode) MAPPER.readTree(resource("version-2.amber"));
        ((ObjectNode) root.at("/parts/0/takes/0/steps/0/settings")).put("to", "sideways");
        ((ObjectNode) root.at("/parts/0/takes/0/steps/1/settings")).put("later", "a new setting");
        ProjectDocument read = ProjectReader.read(MAPPER.writeValueAsBytes(root), "x");
        UnreadStep unread = (UnreadStep) read.song().part(0).steps().get(0).step();
        assertThat(unread.why()).isEqualTo("the step “bring-inside” holds something impossible: to=sideways cannot be: it is one of "
                + "nearest, line-first, up, down, out");
        assertThat(read.song().part(0).steps().get(1).step()).isInstanceOf(BringInside.class);
        ObjectNode again = (ObjectNode) MAPPER.readTree(ProjectWriter.write(read));
        assertThat(again.at("/parts/0/takes/0/steps/0/settings/to").asText()).isEqualTo("sideways");
        assertThat(again.at("/parts/0/takes/0/steps/1/settings/later").asText()).isEqualTo("a new setting");
    }
}
