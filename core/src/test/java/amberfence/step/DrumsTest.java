package amberfence.step;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.LineText;
import amberfence.notes.Role;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.move.Move;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** Drums are left alone by what works on pitches, unless they are meant. */
class DrumsTest {
    private static final Song DRUMS = Song.empty("drums").withParts(List.of(Part.of(0, "drums", Role.DRUMS, 9, LineText.parse("C2 D2 C2", 480, 9, 1))))
            .plusStep(0, Typed.step(Move.SCHEMA, "by=semitones amount=1"));

    @Test
    void aStepThatWasPutToThemByHandWorksOnThem() {
        assertThat(pitches(DRUMS)).containsExactly(37, 39, 37);
    }

    @Test
    void aStepThatCameWithAllPartsLeavesThemAlone() {
        assertThat(pitches(edited(slot -> slot.withMeant(false)))).containsExactly(36, 38, 36);
    }

    @Test
    void offersToWorkOnThemAllTheSame() {
        Song left = edited(slot -> slot.withMeant(false));
        Finding finding = PartResult.of(left, left.part(0)).stages().get(0).outcome().findings().get(0);
        assertThat(finding.sentence(new StepWords(Integer::toString))).startsWith("3 drum notes are left alone");
        Fix fix = finding.fixes().get(0);
        assertThat(fix.label().apply(new StepWords(Integer::toString))).isEqualTo("work on them");
        assertThat(pitches(edited(fix.edit()))).containsExactly(37, 39, 37);
    }

    private static Song edited(UnaryOperator<StepSlot> edit) {
        return DRUMS.withPart(0, part -> part.withSteps(part.steps().stream().map(edit).toList()));
    }

    private static List<Integer> pitches(Song song) {
        return PartResult.of(song, song.part(0)).line().notes().stream().map(note -> note.pitch()).toList();
    }
}
