package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import amberfence.app.fence.CandidateCard;
import amberfence.app.theme.Controls;
import amberfence.demo.LanternFerry;
import amberfence.format.midi.MidiExport;
import amberfence.format.project.ProjectDocument;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Role;
import amberfence.song.Song;
import amberfence.step.fence.BringInside;
import amberfence.step.pick.Pick;
import amberfence.words.Texts;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Dimension2D;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;

/** Nothing is cut off, at whatever size the window has, and the ladder has the room. Sizes are in units of the interface. */
class RoomTest extends WindowTest {
    /** The smallest one is 1280×800 at an interface scale of 150 %, the second 1920×1080 at 200 %. Other languages than English are looked at in two of them. */
    private static final List<Dimension2D> SIZES = !Texts.language().equals("en") ? List.of(new Dimension2D(850, 530), new Dimension2D(1280, 800)) : List.of(new Dimension2D(850, 530), new Dimension2D(960, 540),
            new Dimension2D(1024, 768), new Dimension2D(1280, 800), new Dimension2D(1920, 1080));
    private static final Dimension2D SCREEN = new Dimension2D(1280, 800);
    private static final double SLACK = 1.5;

    private void resize(Dimension2D size) {
        interact(() -> {
            scene.getWindow().setWidth(Math.min(SCREEN.getWidth(), size.getWidth()));
            scene.getWindow().setHeight(Math.min(SCREEN.getHeight(), size.getHeight()));
        });
        settle();
        // What would not fit on the screen in memory is laid out all the same.
        interact(() -> workspace.resize(size.getWidth(), size.getHeight()));
        settle();
    }

    private double share() {
        settle();
        return lookup("#ladder-notes").queryAs(Canvas.class).getHeight() / scene.getHeight();
    }

    @Test
    void theLadderHasTheRoom() {
        resize(new Dimension2D(1280, 800));
        for (String tab : TABS) {
            interact(() -> workspace.openTab(tab));
            assertThat(share()).as("rows with the progression and %s open", tab).isGreaterThanOrEqualTo(0.45);
        }
        interact(() -> workspace.openTab(""));
        assertThat(share()).as("rows with the drawer folded").isGreaterThanOrEqualTo(0.60);
    }

    @Test
    void whereItIsNarrowTheStepsAreCalledAlsoAfterAnEmptySong() {
        resize(new Dimension2D(850, 530));
        interact(() -> session.open(ProjectDocument.of(Song.empty("Empty")), null));
        settle();
        assertThat(isShown("steps-call")).isFalse();
        interact(() -> session.open(ProjectDocument.of(LanternFerry.song()), null));
        settle();
        assertThat(isShown("steps")).isFalse();
        push(KeyCode.CONTROL, KeyCode.T);
        assertThat(isShown("steps")).isTrue();
        assertThat(lookup("#steps").query().lookupAll("*")).as("the focus is on the steps").contains(scene.getFocusOwner());
        resize(new Dimension2D(1280, 800));
        assertThat(isShown("steps")).isTrue();
        assertThat(isShown("steps-call")).isFalse();
    }

    @Test
    void aWindowThatGrowsLooksAsIfItHadAlwaysBeenSoLarge() {
        resize(SCREEN);
        List<Double> widths = widths();
        for (int narrower : new int[] {850, 1000, 1090, 1110}) {
            resize(new Dimension2D(narrower, 700));
            resize(SCREEN);
            assertThat(widths()).as("columns, tabs and chords after a width of %d", narrower).isEqualTo(widths);
        }
    }

    private List<Double> widths() {
        List<Double> widths = new ArrayList<>();
        for (String one : new String[] {"#parts", "#steps", "#tab-changes", "#tab-chords"}) {
            widths.add(lookup(one).queryAs(Region.class).getWidth());
        }
        lookup(".chord-symbol").queryAllAs(Label.class).forEach(symbol -> widths.add(symbol.getWidth()));
        return widths;
    }

    @Test
    void nothingIsCutOffAtAnySize() {
        List<String> wrong = new ArrayList<>();
        SIZES.forEach(size -> {
            lookAtMainViews(wrong, size, "");
            lookAtSheets(wrong, size, "");
        });
        assertThat(wrong.stream().distinct().toList()).isEmpty();
    }

    @Test
    void nothingIsCutOffWhereASongComesIn() throws Exception {
        toOpen = Files.write(folder.resolve("ferry.mid"), MidiExport.ofOriginals(LanternFerry.plain()).toBytes());
        List<String> wrong = new ArrayList<>();
        for (Dimension2D size : SIZES) {
            resize(size);
            fire("import");
            waitUntil(() -> isShown("import-sheet"));
            look(wrong, size, "import");
            push(KeyCode.ESCAPE);
            settle();
        }
        assertThat(wrong.stream().distinct().toList()).isEmpty();
    }

    @Test
    void nothingIsCutOffInSongsThatWereNotMadeForIt() {
        assumeThat(Texts.language()).as("names are the same in every language").isEqualTo("en");
        List<String> wrong = new ArrayList<>();
        Map<String, Song> songs = new LinkedHashMap<>();
        songs.put("16 parts with long names", ofParts(16, "Second violins of the harbour orchestra, muted ", Role.MELODY, "C4 E4 G4 A#4 ".repeat(8)));
        songs.put("names from right to left", ofParts(6, "לחן של הספינה, قارب الفانوس ", Role.MELODY, "C4 E4 G4 A#4 ".repeat(8)).withTitle("מעבורת הפנסים"));
        songs.put("one note", ofParts(1, "One", Role.MELODY, "C#4"));
        songs.put("drums only", ofParts(1, "Kit", Role.DRUMS, "C2 F#2 D2 F#2"));
        songs.put("200 bars", ofParts(2, "Tune", Role.MELODY, "C4 E4 G4 A#4 ".repeat(200)));
        songs.put("empty", Song.empty("An empty song whose title is so long that no head of a window has the room for all of it"));
        for (Map.Entry<String, Song> song : songs.entrySet()) {
            interact(() -> session.open(ProjectDocument.of(song.getValue()), null));
            lookAtMainViews(wrong, SIZES.get(0), song.getKey() + ", ");
        }
        interact(() -> session.open(ProjectDocument.of(songs.values().iterator().next()), null));
        lookAtSheets(wrong, SIZES.get(0), "16 parts with long names, ");
        assertThat(wrong.stream().distinct().toList()).isEmpty();
    }

    private static Song ofParts(int count, String name, Role role, String notes) {
        Line line = LineText.parse(notes, 480, 0, 1);
        Song song = Song.empty("A song that was not made for this").withNextId(10_000);
        for (int i = 0; i < count; i++) {
            Song with = song.plusEmptyPart(name + (i + 1), role);
            song = with.withPart(with.parts().get(i).id(), part -> part.withTake(take -> take.withLine(line)))
                    .plusStep(with.parts().get(i).id(), BringInside.USUAL);
        }
        return song;
    }

    private void lookAtMainViews(List<String> wrong, Dimension2D size, String song) {
        resize(size);
        for (String tab : TABS) {
            interact(() -> workspace.openTab(tab));
            if (tab.equals("pick")) {
                interact(() -> session.pick().choose(Optional.of(Pick.parse("lowest and on beat or outside"))));
            }
            look(wrong, size, song + tab);
        }
        interact(() -> workspace.openTab(""));
        look(wrong, size, song + "folded");
        if (isShown("steps-call")) {
            fire("steps-call");
            look(wrong, size, song + "steps called");
            fire("steps-call");
        }
        interact(workspace::openFence);
        if (session.song().parts().stream().anyMatch(part -> !part.isDrums() && !part.line().isEmpty())) {
            waitUntil(() -> lookup(node -> node instanceof CandidateCard).tryQuery().isPresent());
        }
        look(wrong, size, song + "fence page");
        fire("fence-done");
        interact(() -> workspace.openHandbook("arpeggio"));
        look(wrong, size, song + "handbook");
        fire("handbook-done");
        interact(workspace::openCompare);
        if (isShown("compare-done")) {
            look(wrong, size, song + "compare");
            fire("compare-done");
        }
    }

    private void lookAtSheets(List<String> wrong, Dimension2D size, String song) {
        sheets().forEach((name, sheet) -> {
            interact(sheet);
            look(wrong, size, song + name);
            push(KeyCode.ESCAPE);
        });
    }

    private void look(List<String> wrong, Dimension2D size, String view) {
        settle();
        interact(() -> {
            // On a busy machine a page that was just opened may not have been laid out yet.
            workspace.applyCss();
            workspace.layout();
            walk(workspace, (int) size.getWidth() + "×" + (int) size.getHeight() + " " + view + ": ", wrong);
        });
    }

    /** What lies in lists and scrolling areas may be longer than they are high, but never wider. */
    private void walk(Parent parent, String where, List<String> wrong) {
        for (Node node : parent.getChildrenUnmodifiable()) {
            if (!node.isVisible() || node.getOpacity() == 0) {
                continue;
            }
            if (node instanceof Labeled labeled) {
                text(labeled, where, wrong);
            }
            boolean scrolls = parent.getClip() != null || isViewport(parent) || isViewport(parent.getParent()) || parent.getStyleClass().contains("clipped-container")
                    || parent.getStyleClass().contains("sheet") || node instanceof Text;
            Bounds bounds = node.getBoundsInParent();
            if (parent instanceof Region region && !scrolls && !(node instanceof ScrollBar) && node instanceof Region
                    && isBeyond(node, region)) {
                wrong.add(where + name(node) + " lies beyond " + name(parent) + " by " + Math.round(Math.max(
                        bounds.getMaxX() - region.getWidth(), bounds.getMaxY() - region.getHeight())));
            }
            if (node instanceof Parent inner && !(node instanceof TextInputControl)) {
                if (node instanceof ScrollPane scroll && scroll.getContent() != null
                        && scroll.getContent().getLayoutBounds().getWidth() > scroll.getViewportBounds().getWidth() + SLACK) {
                    wrong.add(where + name(scroll.getContent()) + " is wider than where it scrolls");
                }
                if (node instanceof ScrollPane scroll && scroll.getContent() != null && !canScroll(scroll)
                        && scroll.getContent().getLayoutBounds().getHeight() > scroll.getViewportBounds().getHeight() + SLACK) {
                    wrong.add(where + name(scroll.getContent()) + " is higher than what is seen of it, and no bar says so");
                }
                if (node instanceof ScrollPane scroll && scroll.getContent() instanceof Region held && canScroll(scroll)
                        && held.getHeight() > held.prefHeight(held.getWidth()) + SLACK) {
                    wrong.add(where + name(held) + " has nothing at its lower end");
                }
                walk(inner, where, wrong);
            }
        }
    }

    private static boolean canScroll(ScrollPane scroll) {
        return scroll.lookupAll(".scroll-bar").stream().map(ScrollBar.class::cast).anyMatch(bar -> bar.getOrientation() == Orientation.VERTICAL && bar.isVisible());
    }

    private static boolean isViewport(Node node) {
        return node != null && node.getStyleClass().contains("viewport");
    }

    /** Shadows and the like reach out of a node; what it takes in the layout, with its scale, is meant. */
    private static boolean isBeyond(Node node, Region parent) {
        Bounds taken = node.localToParent(node.getLayoutBounds());
        return taken.getMinX() < -SLACK || taken.getMinY() < -SLACK || taken.getMaxX() > parent.getWidth() + SLACK
                || taken.getMaxY() > parent.getHeight() + SLACK;
    }

    private static void text(Labeled labeled, String where, List<String> wrong) {
        if (labeled.getText() == null || labeled.getText().isEmpty()) {
            return;
        }
        Node shown = labeled.lookup(".text");
        if (shown instanceof Text text && !text.getText().equals(labeled.getText())) {
            for (Node node = labeled; node != null; node = node.getParent()) {
                if (Controls.hasTip(node)) {
                    return;
                }
            }
            wrong.add(where + "“" + labeled.getText() + "” is cut to “" + text.getText() + "” (" + name(labeled) + ")");
        }
    }

    private static String name(Node node) {
        return node.getClass().getSimpleName() + (node.getId() == null ? "" : "#" + node.getId())
                + (node.getStyleClass().isEmpty() ? "" : "." + String.join(".", node.getStyleClass()));
    }
}
