package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** The window in German; the build runs it once more for that. */
@EnabledIfSystemProperty(named = "user.language", matches = "de")
class GermanTest extends WindowTest {
    /** English words that no German text of the window has; names of parts, songs and what is typed are the person's own. */
    private static final Set<String> ENGLISH = Set.of("the", "and", "of", "with", "notes", "step", "steps", "chord", "chords", "is", "are",
            "to", "from", "outside", "inside", "bar", "bars", "key", "what", "move", "leave", "none", "which");

    @Test
    void saysWhatIsSeenInGerman() {
        assertThat(Texts.language()).isEqualTo("de");
        assertThat(lookup("#fence-key").<Labeled>query().getText()).isEqualTo("D dorisch");
        assertThat(lookup("#export").<Labeled>query().getText()).isEqualTo("Export…");
        assertThat(lookup("#steps-heading").<Labeled>query().getText()).isEqualTo("SCHRITTE FÜR VOICE LINE");
        assertThat(seen()).contains("Hereinholen", "Part festschreiben", "8 draußen", "behält den Schritt; G4 wäre Wiederholung");
    }

    @Test
    void noEnglishIsLeftInAnyMainView() {
        Set<String> left = new TreeSet<>();
        for (String tab : TABS) {
            interact(() -> workspace.openTab(tab));
            settle();
            look(left, tab);
        }
        Map<String, Runnable> pages = sheets();
        pages.put("fence", workspace::openFence);
        for (Runnable page : pages.values()) {
            interact(page);
            settle();
            look(left, "page or sheet");
            push(KeyCode.ESCAPE);
        }
        assertThat(left).isEmpty();
    }

    @Test
    void scalesAreFoundAndTypedByTheirGermanNames() {
        interact(workspace::openFence);
        clickOn("#scale-search").write("lydisch");
        settle();
        assertThat(seen()).contains("lydisch", "lydisch dominantisch");
    }

    @Test
    void theHandbookIsGerman() {
        interact(() -> workspace.openHandbook("strum"));
        settle();
        assertThat(lookup("#handbook-title").<Label>query().getText()).isEqualTo("Anschlagen");
        Set<String> left = new TreeSet<>();
        look(left, "handbook");
        assertThat(left).isEmpty();
    }

    private void look(Set<String> left, String where) {
        for (String text : seen()) {
            for (String word : text.replaceAll("\\([^)]*\\)", "").toLowerCase(Locale.ROOT).split("[^a-zäöüß=-]+")) {
                if (ENGLISH.contains(word)) {
                    left.add(where + ": " + text);
                }
            }
        }
    }

    /** All texts of labels and buttons that are shown. */
    private List<String> seen() {
        List<String> seen = new ArrayList<>();
        scene.getRoot().lookupAll("*").stream().filter(node -> node instanceof Labeled && node.isVisible()).map(node -> ((Labeled) node).getText())
                .filter(text -> text != null && !text.isBlank()).forEach(seen::add);
        return seen;
    }
}
