package amberfence.app.fence;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.theory.Scale;
import java.io.IOException;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The list of scales with its search, and the row in which an own scale is kept under a name. */
final class ScaleColumn extends VBox {
    private static final double WIDTH = 280;
    private static final double LEAST = 216;
    private final FenceModel model;
    private final TextField search = new TextField();
    private final ListView<Scale> scales = new ListView<>();
    private final Label count = Controls.label("", "soft", "small");
    private final TextField name = new TextField();
    private final CheckBox everySong = new CheckBox(Words.say("fence.everySong"));
    private final ToggleButton leastOutside = Controls.chip("scales-by-outside", Words.say("fence.leastOutside"), false, on -> fill());
    private final VBox keep;
    private boolean updating;

    ScaleColumn(FenceModel model) {
        super(8);
        this.model = model;
        search.setId("scale-search");
        search.setPromptText(Words.say("fence.search"));
        search.textProperty().addListener((property, old, now) -> fill());
        search.setOnAction(event -> {
            if (!scales.getItems().isEmpty()) {
                scales.getSelectionModel().select(0);
            }
        });
        scales.setId("scales");
        scales.setAccessibleText(Words.say("fence.scales"));
        scales.setCellFactory(list -> new ScaleCell(model, this::forget));
        scales.getSelectionModel().selectedItemProperty().addListener((property, old, now) -> {
            if (now != null && !updating) {
                model.tryOn(model.key().withScale(now));
            }
        });
        VBox.setVgrow(scales, Priority.ALWAYS);
        keep = keepRow();
        HBox head = new HBox(6, Controls.heading("fence.scales"), Controls.filler(), leastOutside);
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, search, scales, count, keep);
        setMinWidth(LEAST);
        setPrefWidth(WIDTH);
    }

    private VBox keepRow() {
        name.setId("scale-name");
        name.setPromptText(Words.say("fence.scaleName"));
        everySong.setId("scale-every-song");
        HBox.setHgrow(name, Priority.ALWAYS);
        Button button = Controls.button("scale-keep", "fence.keepScale", event -> keep());
        name.setOnAction(event -> keep());
        return new VBox(5, new HBox(6, name, button), everySong);
    }

    private void keep() {
        if (name.getText().isBlank()) {
            model.session().say(Words.say("fence.nameFirst"));
            name.requestFocus();
            return;
        }
        try {
            model.keepScale(name.getText().strip(), everySong.isSelected());
            name.clear();
            fill();
        } catch (IOException e) {
            model.session().say(Words.say("files.failed", Words.say("fence.collection"), e.getMessage()));
        }
    }

    private void forget(Scale scale) {
        try {
            model.forgetScale(scale);
            fill();
        } catch (IOException e) {
            model.session().say(Words.say("files.failed", Words.say("fence.collection"), e.getMessage()));
        }
    }

    void begin() {
        search.clear();
        fill();
    }

    void update() {
        updating = true;
        scales.refresh();
        Scale now = model.key().scale();
        scales.getItems().stream().filter(scale -> scale.equals(now)).findFirst()
                .ifPresentOrElse(scales.getSelectionModel()::select, scales.getSelectionModel()::clearSelection);
        boolean unkept = now.isOwn() && !model.ownScales().contains(now);
        keep.setVisible(unkept);
        keep.setManaged(unkept);
        updating = false;
    }

    private void fill() {
        updating = true;
        List<Scale> found = leastOutside.isSelected() ? model.searchByOutside(search.getText()) : model.search(search.getText());
        scales.getItems().setAll(found);
        count.setText(found.isEmpty() ? Words.say("fence.noScale") : Words.count("fence.scaleCount", found.size()));
        found.stream().filter(scale -> scale.equals(model.key().scale())).findFirst().ifPresent(scale -> {
            scales.getSelectionModel().select(scale);
            scales.scrollTo(Math.max(0, found.indexOf(scale) - 1));
        });
        updating = false;
    }
}
