package amberfence.app.handbook;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.handbook.HandbookBlock;
import amberfence.handbook.HandbookExample;
import amberfence.handbook.HandbookPage;
import amberfence.handbook.Piece;
import amberfence.notes.Line;
import amberfence.song.Song;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** One page of the handbook, set for reading. */
final class Article extends VBox {
    private static final double WIDTH = 640;
    private final Consumer<String> follow;
    private final Consumer<Song> tryIt;

    /**
     * @param follow goes to the page of a name
     * @param tryIt opens the song of an example
     */
    Article(HandbookPage page, Consumer<String> follow, Consumer<Song> tryIt) {
        super(9);
        this.follow = follow;
        this.tryIt = tryIt;
        setId("handbook-article");
        getStyleClass().add("article");
        setMaxWidth(WIDTH);
        Label title = Controls.label(page.title(), "title");
        title.setId("handbook-title");
        getChildren().add(title);
        page.blocks().forEach(block -> getChildren().add(node(block)));
    }

    private Node node(HandbookBlock block) {
        if (block instanceof HandbookBlock.Heading heading) {
            return Controls.label(heading.text(), "name", "article-heading");
        } else if (block instanceof HandbookBlock.Paragraph paragraph) {
            return flow(paragraph.pieces());
        } else if (block instanceof HandbookBlock.Point point) {
            Node text = flow(point.text().pieces());
            HBox row = new HBox(8, Controls.label("·", "strong"), text);
            HBox.setHgrow(text, Priority.ALWAYS);
            return row;
        } else if (block instanceof HandbookBlock.Typed typed) {
            Label text = Controls.paragraph(typed.text(), "typed-block");
            text.setMaxWidth(Double.MAX_VALUE);
            return text;
        } else if (block instanceof HandbookBlock.Worked worked) {
            return example(worked.example());
        }
        return settings(((HandbookBlock.Settings) block).schema());
    }

    private TextFlow flow(List<Piece> pieces) {
        TextFlow flow = new TextFlow();
        flow.setLineSpacing(2.5);
        for (Piece piece : pieces) {
            if (piece.look() == Piece.Look.LINK) {
                Hyperlink link = new Hyperlink(piece.text());
                link.setId("to-" + piece.target());
                link.setOnAction(event -> follow.accept(piece.target()));
                flow.getChildren().add(link);
            } else {
                Text text = new Text(piece.text());
                text.getStyleClass().addAll("article-text", piece.look().name().toLowerCase(Locale.ROOT));
                flow.getChildren().add(text);
            }
        }
        return flow;
    }

    /** Before, after, the steps as they are typed, and a way to have it in the window. */
    private Node example(HandbookExample example) {
        Label arrow = Controls.label("→", "strong");
        arrow.setMinWidth(Region.USE_PREF_SIZE);
        Song song = example.song();
        Line before = song.part(HandbookExample.PART).line();
        Line after = example.outcome();
        HBox pictures = new HBox(10, new ExamplePicture(example.key(), before, after, before, Words.say("handbook.before", example.notes())),
                arrow, new ExamplePicture(example.key(), before, after, after, Words.say("handbook.after", example.becomes())));
        pictures.setAlignment(Pos.CENTER_LEFT);
        Label steps = Controls.paragraph(example.recipe().text().strip(), "typed");
        HBox below = new HBox(10, steps, Controls.filler(), Controls.button("handbook-try", "handbook.try", event -> tryIt.accept(song), "choice"));
        below.setAlignment(Pos.CENTER_LEFT);
        VBox box = new VBox(8, pictures, below);
        box.getStyleClass().add("card");
        return box;
    }

    private static <S extends Step> Node settings(StepSchema<S> schema) {
        VBox rows = new VBox(8);
        if (!schema.settings().isEmpty()) {
            rows.getChildren().add(Controls.label(Words.say("handbook.settings"), "name", "article-heading"));
        }
        schema.settings().forEach(setting -> rows.getChildren().add(SettingWords.of(schema, setting)));
        return rows;
    }
}
