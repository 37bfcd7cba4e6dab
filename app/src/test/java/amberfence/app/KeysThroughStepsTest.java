package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.Song;
import amberfence.sound.Messages;
import amberfence.step.catalogue.StepText;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The same chain under the hands: keys are heard as the steps of the chosen part make them. */
class KeysThroughStepsTest extends WindowTest {
    @Override
    protected Song song() {
        return LanternFerry.plain();
    }

    private void steps(String... steps) {
        interact(() -> {
            for (String step : steps) {
                session.addStep(0, step, song -> StepText.parse(step).anywhere());
            }
        });
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        settle();
        click("keys-through");
        settle();
        interact(() -> lookup("#piano").query().requestFocus());
    }

    private List<Integer> heard(KeyCode key) {
        output.clear();
        press(key);
        settle();
        List<Integer> heard = new ArrayList<>();
        for (int i = 0; i < output.size(); i++) {
            if (Messages.isNoteOn(output.message(i))) {
                heard.add(Messages.first(output.message(i)));
            }
        }
        release(key);
        settle();
        return heard;
    }

    @Test
    void whatIsPressedIsHeardAsTheChainMakesIt() {
        steps("bring-inside to=up", "harmony lines=\"third above\"");
        assertThat(text("keys-through-words")).isEqualTo("Bring inside, Harmony");
        // W is C♯4: inside D dorian it goes up to D, with F above.
        assertThat(heard(KeyCode.W)).containsExactlyInAnyOrder(62, 65);
        interact(() -> session.editPart("off", part -> part.withSteps(part.steps().stream().map(slot -> slot.withOn(false)).toList())));
        settle();
        assertThat(text("keys-through-words")).isEqualTo("none of this part's steps works on keys");
        assertThat(heard(KeyCode.W)).as("no step, no change").containsExactly(61);
    }

    @Test
    void stepsThatNeedTheWholeLineAreNamedAsPassedOver() {
        steps("deal way=turn", "move by=octaves amount=1");
        assertThat(text("keys-through-words")).isEqualTo("Move · passed over: Deal again");
        assertThat(heard(KeyCode.A)).containsExactly(72);
        click("keys-through");
        settle();
        assertThat(text("keys-through-words")).isEmpty();
        interact(() -> lookup("#piano").query().requestFocus());
        assertThat(heard(KeyCode.A)).containsExactly(60);
    }

    @Test
    void heldKeysAreBrokenInTheTempoOfTheSong() {
        steps("arpeggio rate=1/16 order=up");
        output.clear();
        press(KeyCode.A).press(KeyCode.D).press(KeyCode.G);
        waitUntil(() -> output.size() > 12);
        release(KeyCode.A).release(KeyCode.D).release(KeyCode.G);
        settle();
        List<Integer> on = new ArrayList<>();
        int sounding = 0;
        for (int i = 0; i < output.size(); i++) {
            if (Messages.isNoteOn(output.message(i))) {
                on.add(Messages.first(output.message(i)));
                sounding++;
            } else if (Messages.isNoteOff(output.message(i))) {
                sounding--;
            }
        }
        assertThat(on).startsWith(60).contains(64, 67).isSubsetOf(60, 64, 67);
        assertThat(sounding).as("everything is let go").isZero();
    }

    @Test
    void holdingAKeyShowsThePartWithoutTheOpenStep() {
        interact(() -> session.addStep(0, "Move", song -> StepText.parse("move by=octaves amount=1").anywhere()));
        settle();
        Line with = session.results().get().part(0).line();
        assertThat(with.notes().get(0).pitch()).isEqualTo(song().part(0).line().notes().get(0).pitch() + 12);
        interact(() -> lookup("#ladder").query().requestFocus());
        press(KeyCode.SHIFT).press(KeyCode.B);
        settle();
        assertThat(session.results().get().part(0).line().notes()).extracting(Note::pitch)
                .isEqualTo(song().part(0).line().notes().stream().map(Note::pitch).toList());
        assertThat(session.song().part(0).steps().get(0).on()).as("nothing was switched off").isTrue();
        assertThat(session.undoName()).contains("Move");
        release(KeyCode.B).release(KeyCode.SHIFT);
        settle();
        assertThat(session.results().get().part(0).line()).isEqualTo(with);
    }
}
