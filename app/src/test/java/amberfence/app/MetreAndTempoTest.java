package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Metre;
import amberfence.song.Song;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Metre and tempo are set for the song, or from a bar on. */
class MetreAndTempoTest extends WindowTest {
    private String field(String id) {
        settle();
        return ((TextInputControl) lookup("#" + id).query()).getText();
    }

    @Test
    void setsThemForTheSongAndFromABarOnAndTakesAChangeAway() {
        assertThat(text("time-chip")).isEqualTo("6/8 · ♩. = 72");
        Song before = session.song();
        click("time-chip");
        assertThat(field("time-metre-0")).isEqualTo("6/8");
        type("time-tempo-0", "80");
        assertThat(session.song().time().tempoAt(0).quartersPerMinute()).isBetween(119.99, 120.01);
        type("time-from", "9");
        type("time-metre-1", "4/4");
        assertThat(session.song().time().metres()).containsExactly(new Metre(0, 6, 8), new Metre(before.time().barStart(9), 4, 4));
        type("time-tempo-1", "96.5");
        assertThat(session.song().time().tempoAt(before.time().barStart(9)).quartersPerMinute()).isBetween(96.49, 96.51);
        assertThat(session.song().parts()).as("notes keep their ticks").isEqualTo(before.parts());
        assertThat(session.undoName()).contains("tempo 96.5");
        click("time-close");
        interact(() -> session.transport().moveTo(before.time().barStart(9)));
        assertThat(text("time-chip")).isEqualTo("4/4 · ♩ = 96.5");

        click("time-chip");
        click("time-remove-1");
        assertThat(session.song().time().metres()).hasSize(1);
        click("time-close");
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(session.song().time().metres()).hasSize(2);
    }

    @Test
    void whatIsNoneOfThemIsToldAndNothingChanges() {
        Song before = session.song();
        click("time-chip");
        for (String[] wrong : new String[][] {{"time-metre-0", "5/7", "must be 1, 2, 4, 8"}, {"time-metre-0", "waltz", "such as 4/4 or 6/8"},
            {"time-tempo-0", "0", "from 4 to 999"}, {"time-tempo-0", "fast", "from 4 to 999"}, {"time-from", "1", "from 2 on"},
            {"time-from", "x", "from 2 on"}}) {
            type(wrong[0], wrong[1]);
            assertThat(text("time-trouble")).contains(wrong[2]);
        }
        assertThat(session.song()).isSameAs(before);
    }
}
