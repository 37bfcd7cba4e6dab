package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.song.Fence;
import amberfence.song.KeyPlan;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.song.Part;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.song.Origin;
import amberfence.song.TimeMap;
import amberfence.step.fence.BringInside;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javafx.scene.input.KeyCode;
import amberfence.step.move.Move;
import javafx.scene.control.Button;
import org.junit.jupiter.api.Test;

/** A part of sixty thousand notes: worked out off the interface thread, scrolled and zoomed without trouble. */
class LongSongTest extends WindowTest {
    private static final int NOTES = 60_000;

    @Override
    protected Song song() {
        Random random = new Random(9);
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < NOTES; i++) {
            notes.add(new Note(i + 1, i * 120L, 110, 50 + random.nextInt(30), 80, 0, 64));
        }
        return new Song("Long", TimeMap.usual(480), Fence.of(KeyPlan.of(Key.parse("C major"))),
                List.of(Part.of(0, "Endless", Role.MELODY, 0, new Line(notes))), Origin.MADE, NOTES + 1);
    }

    @Test
    void isWorkedOutOffTheInterfaceThread() {
        waitUntil(() -> session.results().get() != null && !session.working().get());
        interact(() -> session.edit("add", song -> song.plusStep(0, BringInside.USUAL)));
        waitUntil(() -> !session.working().get() && !session.results().get().part(0).stages().isEmpty());
        interact(() -> session.openStep().set(session.song().parts().get(0).steps().get(0).id()));
        assertThat(text("changes-heading")).endsWith("CHANGES BY “BRING INSIDE”");
        assertThat(lookup("#change-rows").queryListView().getItems().size()).isGreaterThan(20_000);
        click("zoom-song");
        clickOn("#ladder").push(KeyCode.END);
        assertThat(session.selectedNotes().get()).containsExactly((long) NOTES);
        push(KeyCode.CONTROL, KeyCode.Z);
        waitUntil(() -> !session.working().get() && session.results().get().part(0).stages().isEmpty());
        assertThat(session.song()).isEqualTo(song());
    }

    @Test
    void threeQuickPressesCountThree() {
        waitUntil(() -> session.results().get() != null && !session.working().get());
        interact(() -> session.addStep(0, "move", song -> new Move(Move.Unit.SEMITONES, 1)));
        waitUntil(() -> !session.working().get() && lookup("#move-amount-more").tryQuery().isPresent());
        interact(() -> {
            for (int i = 0; i < 3; i++) {
                ((Button) lookup("#move-amount-more").query()).fire();
            }
        });
        waitUntil(() -> !session.working().get());
        assertThat(session.song().part(0).steps().get(0).treatment()).isEqualTo(new Move(Move.Unit.SEMITONES, 4));
    }
}
