package amberfence.format.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.demo.LanternFerry;
import amberfence.format.UnreadableFileException;
import amberfence.format.midi.MidiExport;
import amberfence.format.midi.MidiReader;
import amberfence.notes.ChordBank;
import amberfence.notes.Grid;
import amberfence.notes.NoteSet;
import amberfence.result.PartResult;
import amberfence.song.Credits;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.ChordSource;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.LetPass;
import amberfence.step.fence.MoveTo;
import amberfence.step.fence.TieBreak;
import amberfence.step.fit.Count;
import amberfence.step.fit.Figure;
import amberfence.step.fit.FitBass;
import amberfence.step.fit.FitChords;
import amberfence.step.fit.FitMelody;
import amberfence.step.fit.FollowChords;
import amberfence.step.fit.Held;
import amberfence.step.move.MoveToKey;
import amberfence.step.pick.Pick;
import amberfence.step.shape.TidyTiming;
import amberfence.theory.Key;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClass;
import amberfence.theory.Scale;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ProjectTest {
    private static Song busy() {
        Song song = LanternFerry.song();
        song = song.plusStep(1, new BringInside(MoveTo.LEAVE_OUT, TieBreak.UP, new LetPass(true, false, true, 16), true));
        song = withEveryStep(song);
        song = song.withFence(song.fence().withToggled(new PitchClass(1)));
        Scale own = Scale.parseSemitones("Ferry", "0 2 3 7 8");
        song = song.withFence(song.fence().withKeys(song.fence().keys().with(2, new Key(NoteName.parse("Bb"), own)))
                .plusScale(own).withAllowed(List.of(4L, 9L), true));
        Part tune = song.parts().get(0);
        song = song.withPart(0, part -> part.plusTake("Take 2", PartResult.of(LanternFerry.song(), tune).line()));
        return song.plusDuplicate(3, "Second figure").withTitle("Busy ♭ song");
    }

    /** Every kind of step with its usual settings, some limited to a rule, some to notes, with notes left by hand. */
    private static Song withEveryStep(Song song) {
        Song all = song;
        for (StepSchema<?> kind : StepCatalogue.all()) {
            all = all.plusStep(4, kind.usual());
        }
        all = all.plusStep(4, new MoveToKey(Optional.of(Key.parse("Bb minor")), Key.parse("F# 0 2 3 7 8"), MoveToKey.Way.DOWN));
        all = all.plusStep(4, new TidyTiming(Grid.parse("1/8t"), TidyTiming.Ends.BOTH, 70, 60));
        return all.withPart(4, part -> part.withSteps(part.steps().stream().map(slot -> slot.id() % 3 == 0
                ? slot.withLimit(Optional.of(Pick.parse("not (lowest and not degree b3 or length up to 1/8)")))
                : slot.id() % 3 == 1 ? slot.withLimit(Optional.of(new Pick.Frozen(NoteSet.of(List.of(7L, 8L)))))
                        .withLeft(List.of(7L), true) : slot.withOn(false)).toList()));
    }

    @Test
    void keepsWhoMadeTheSongAndTheChordsOfSingleKeys() throws Exception {
        ChordBank bank = ChordBank.EMPTY.with(36, List.of(60, 64, 67)).with(38, List.of(62, 65, 69));
        Song song = LanternFerry.song().withCredits(new Credits("Somebody", "© 2026 Somebody")).withBank(bank);
        ProjectDocument read = ProjectReader.read(ProjectWriter.write(ProjectDocument.of(song)), "song");
        assertThat(read.song()).isEqualTo(song);
        Song fewer = song.withBank(bank.with(38, List.of()));
        assertThat(ProjectReader.read(ProjectWriter.write(read.withSong(fewer)), "song").song().bank().orElseThrow().chords())
                .as("a key that was cleared does not come back as something unknown").containsOnlyKeys(36);
        assertThat(ProjectReader.read(ProjectWriter.write(ProjectDocument.of(LanternFerry.song())), "song").song().bank()).isEmpty();
    }

    @Test
    void aProjectFromBeforeCreditsTakesTheCopyrightOfItsMidiFile() throws Exception {
        Song song = LanternFerry.song().withCredits(Credits.NONE.withCopyright("© 2026 Somebody"));
        Song fromFile = MidiReader.read(MidiExport.ofOriginals(song).toBytes(), "song").song();
        ObjectNode root = (ObjectNode) new ObjectMapper().readTree(ProjectWriter.write(ProjectDocument.of(fromFile)));
        root.remove(List.of("composer", "copyright", "chordBank"));
        Song read = ProjectReader.read(new ObjectMapper().writeValueAsBytes(root), "song").song();
        assertThat(read.credits()).isEqualTo(new Credits("", "© 2026 Somebody"));
    }

    @Test
    void keepsFiguresWaysAndWhereChordsComeFrom() throws Exception {
        Figure figure = new Figure("Dm7", 960, List.of(Figure.Note.of(0, 240, 0, 1), new Figure.Note(480, 240, 2, -1, -2, 1, 90)));
        ChordSource source = ChordSource.of(2).withGaps(ChordSource.Gaps.LEAVE);
        List<Step> steps = List.of(FollowChords.USUAL.withFigure(figure).withSource(source).withCount(Count.POSITION),
                FitMelody.USUAL.withMode(FitMelody.Mode.CLASHES),
                FitBass.USUAL.withSeed(42).withSource(source), FitChords.USUAL.withHeld(Held.SPLIT).withBass(true));
        Song song = LanternFerry.song();
        for (Step step : steps) {
            song = song.plusStep(0, step);
        }
        song = song.withPart(0, part -> part.withSteps(part.steps().stream().map(slot -> slot.withResolved(7, "up").withResolved(9, "down"))
                .toList()));
        Song read = ProjectReader.read(ProjectWriter.write(ProjectDocument.of(song)), "x.amber").song();
        assertThat(read.part(0).steps()).isEqualTo(song.part(0).steps());
    }

    @Test
    void opensWhatTheFirstVersionSavedWithNotesLeftAmongTheSettings() throws UnreadableFileException {
        Song song = LanternFerry.song();
        String text = new String(ProjectWriter.write(ProjectDocument.of(song)), StandardCharsets.UTF_8);
        long left = song.parts().get(0).steps().get(0).left().ids().get(0);
        String old = text.replaceFirst("\"let-pass\" : \"none\"", "\"leftAlone\" : [ " + left + " ]")
                .replaceFirst("\"left\" : \\[ \\d+ \\],?", "");
        assertThat(old).isNotEqualTo(text).contains("leftAlone");
        Song back = ProjectReader.read(old.getBytes(StandardCharsets.UTF_8), "x.amber").song();
        assertThat(back).isEqualTo(song);
    }

    private static Song reopened(Song song) throws UnreadableFileException {
        return ProjectReader.read(ProjectWriter.write(ProjectDocument.of(song)), "x.amber").song();
    }

    @Test
    void comesBackAsItWas() throws UnreadableFileException {
        Song song = busy();
        Song back = reopened(song);
        assertThat(back.parts()).isEqualTo(song.parts());
        assertThat(back.fence()).isEqualTo(song.fence());
        assertThat(back.time()).isEqualTo(song.time());
        assertThat(back).isEqualTo(song);
    }

    @Test
    void stillGivesTheFileBackThatItWasImportedFrom() throws UnreadableFileException {
        Song song = busy();
        byte[] direct = new MidiExport(song, PartResult.lines(song), Optional.empty()).toBytes();
        Song back = reopened(song);
        assertThat(new MidiExport(back, PartResult.lines(back), Optional.empty()).toBytes()).isEqualTo(direct);
    }

    @Test
    void keepsFieldsThatItDoesNotKnow() throws Exception {
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode root = (ObjectNode) mapper.readTree(ProjectWriter.write(ProjectDocument.of(LanternFerry.song())));
        root.put("mood", "evening");
        ((ObjectNode) root.get("parts").get(1)).put("colour", "amber");
        ((ObjectNode) root.get("parts").get(0).get("takes").get(0).get("steps").get(0)).put("note", "keep");
        ((ObjectNode) root.get("fence").get("keys").get(1)).put("why", "bridge");
        ProjectDocument read = ProjectReader.read(mapper.writeValueAsBytes(root), "x");
        ProjectDocument edited = read.withSong(read.song().withTitle("Edited").withPartMoved(1, -1));
        ObjectNode again = (ObjectNode) mapper.readTree(ProjectWriter.write(edited));
        assertThat(again.get("mood").asText()).isEqualTo("evening");
        assertThat(again.get("title").asText()).isEqualTo("Edited");
        assertThat(again.get("parts").get(0).get("colour").asText()).isEqualTo("amber");
        assertThat(again.get("parts").get(1).get("takes").get(0).get("steps").get(0).get("note").asText()).isEqualTo("keep");
        assertThat(again.get("fence").get("keys").get(1).get("why").asText()).isEqualTo("bridge");
    }

    @Test
    void refusesWhatItCannotReadInWords() {
        assertRefused("{}", "song.amber is not an Amber Fence project");
        assertRefused("[1, 2", "song.amber is damaged at line 1: ");
        assertRefused("{\"format\":\"amber-fence-project\",\"version\":5}",
                "song.amber was saved by a newer Amber Fence (format 5; this one reads up to 4); open it with that one");
        assertRefused("{\"format\":\"amber-fence-project\",\"version\":1}",
                "song.amber holds something impossible: the field “time” is missing");
        String good = new String(ProjectWriter.write(ProjectDocument.of(LanternFerry.song())), StandardCharsets.UTF_8);
        assertRefused(good.replaceFirst("\"nextId\" : \\d+", "\"nextId\" : 5"),
                "song.amber holds something impossible: parts[0].takes[0].notes[4][0]: the note 5 is not below nextId, which is 5");
        assertRefused(good.replaceFirst("\"nextId\" : \\d+", "\"nextId\" : 99999999999999"),
                "song.amber holds something impossible: nextId: nextId must be 1 to 1099511627775, not 99999999999999");
        assertRefused(good.replace("\"dorian\"", "\"lunar\""),
                "song.amber holds something impossible: fence.keys[0].scale: the scale “lunar” is not known here");
    }

    private static void assertRefused(String text, String message) {
        assertThatThrownBy(() -> ProjectReader.read(text.getBytes(StandardCharsets.UTF_8), "song.amber"))
                .isInstanceOf(UnreadableFileException.class).hasMessageStartingWith(message);
    }
}
