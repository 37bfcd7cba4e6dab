package amberfence.app.steps;

import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.words.GridWords;
import amberfence.app.words.Words;
import amberfence.notes.Grid;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.PitchRange;
import amberfence.step.SettingTexts;
import amberfence.step.SettingType;
import amberfence.step.SettingValues;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.StepSetting;
import amberfence.step.fit.HarmonyLine;
import amberfence.theory.MusicTextException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/**
 * The control for one setting of a step, by its kind.
 *
 * @param <S> the step
 */
record SettingControl<S extends Step>(S step, StepSchema<S> schema, StepSetting<S> setting, FormHost host) {
    private static final int MOST = 127;
    private static final int OCTAVE_SPAN = 11;
    /** The intervals that have a chip of their own. */
    private static final int[] USUAL_LINES = {3, 4, 5, 6, 8};

    /** Names the control: by step and setting. */
    String id() {
        return schema.name() + "-" + setting.key();
    }

    /** The value as text. */
    String now() {
        return setting.text(step, texts());
    }

    /** Takes another value, and words it as it was typed. */
    void change(String value) {
        change(value, setting.words(value));
    }

    void change(String value, String words) {
        host.set(setting.label(), words, setting.read(step, value, texts()));
    }

    private boolean accepts(String value) {
        try {
            setting.read(step, value, texts());
            return true;
        } catch (MusicTextException e) {
            return false;
        }
    }

    /** What stands beside or over the control, and answers what the setting is. */
    Label label() {
        Label label = Controls.label(setting.type().kind() == SettingType.Kind.PERCENT ? setting.label() + " %" : setting.label(), "soft", "small");
        Controls.tip(label, Words.say("handbook.labelTip", setting.meaning()));
        SettingHelp.answer(label, schema, setting);
        return label;
    }

    Node node() {
        return switch (setting.type().kind()) {
            case CHOICE -> Choice.inForm(id(), setting.type().values(), now(), setting::words, this::change);
            case CHOICES -> choices();
            case CHORDS -> chords();
            case FLAG -> flag();
            case WHOLE -> number((int) setting.type().least().orElse(Integer.MIN_VALUE), (int) setting.type().most().orElse(Integer.MAX_VALUE), "");
            case PERCENT -> number((int) setting.type().least().orElseThrow(), (int) setting.type().most().orElseThrow(), "%");
            case SEED -> LineControl.of(this);
            case AMOUNT -> amount();
            case PITCH -> FormRows.pitch(id(), SettingValues.pitch(now()), host.spelling(), this::changePitch);
            case PITCHES -> pitches();
            case NOTE_VALUE -> noteValue();
            case LINES -> lines();
            case PART -> part();
            case WRITTEN -> setting.type().values().size() < 2 ? FormRows.field(id(), now(), this::change) : written();
            case KEY, PATTERN, FIGURE, LENGTH -> FormRows.field(id(), now(), this::change);
        };
    }

    private void changePitch(int midi) {
        change(SettingValues.pitchText(midi), host.spelling().pitchText(midi));
    }

    private Node flag() {
        ToggleButton toggle = Controls.toggle(id(), now().equals("on"));
        toggle.setAccessibleText(setting.label());
        toggle.setOnAction(event -> change(toggle.isSelected() ? "on" : "off", Words.say(toggle.isSelected() ? "form.on" : "form.off")));
        return new HBox(toggle);
    }

    private Node number(int least, int most, String unit) {
        return FormRows.number(id(), Integer.parseInt(now().replace("%", "")), least, most, value -> change(value + unit));
    }

    /** A number with the unit that it has now. */
    private Node amount() {
        String unit = now().replaceFirst("^-?\\d+", "");
        int value = Integer.parseInt(now().substring(0, now().length() - unit.length()));
        Node number = FormRows.number(id(), value, -100_000, 100_000, changed -> change(changed + unit));
        Label word = Controls.label(Words.say("unit." + (unit.equals("%") ? "percent" : unit.equals("t") ? "ticks" : unit)), "soft", "small");
        HBox box = new HBox(6, number, word);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private Node choices() {
        List<String> chosen = now().equals("none") ? List.of() : Arrays.asList(now().split(","));
        FlowPane chips = new FlowPane(4, 4);
        for (String value : setting.type().values()) {
            chips.getChildren().add(Controls.chip(id() + "-" + value, setting.words(value), chosen.contains(value), on -> {
                List<String> changed = setting.type().values().stream().filter(some -> some.equals(value) ? on : chosen.contains(some)).toList();
                change(changed.isEmpty() ? "none" : String.join(",", changed), setting.words(value) + " " + Words.say(on ? "form.on" : "form.off"));
            }));
        }
        return chips;
    }

    /** Two pitches, which push each other where they would come too near. */
    private Node pitches() {
        PitchRange range = PitchRange.parse(now());
        return new VBox(4, FormRows.pitch(id() + "-lowest", range.lowest(), host.spelling(), lowest -> changeRange(
                Math.min(lowest, MOST - OCTAVE_SPAN), Math.max(range.highest(), Math.min(MOST, lowest + OCTAVE_SPAN)))),
                FormRows.pitch(id() + "-highest", range.highest(), host.spelling(), highest -> changeRange(
                        Math.min(range.lowest(), Math.max(0, highest - OCTAVE_SPAN)), Math.max(OCTAVE_SPAN, highest))));
    }

    void changeRange(int lowest, int highest) {
        change(SettingValues.pitchText(lowest) + ".." + SettingValues.pitchText(highest),
                host.spelling().pitchText(lowest) + "–" + host.spelling().pitchText(highest));
    }

    private Node noteValue() {
        List<Grid> values = setting.type().values().isEmpty() ? GridWords.all() : setting.type().values().stream().map(Grid::parse).toList();
        // Some settings take plain values only.
        values = values.stream().filter(grid -> accepts(grid.text())).toList();
        return Choice.inForm(id(), values, Grid.parse(now()), GridWords::of, grid -> change(grid.text(), GridWords.of(grid)));
    }

    /** A chip for each usual interval on both sides. One of them stays: a harmony without a line is none. */
    private Node lines() {
        List<HarmonyLine> chosen = HarmonyLine.parseAll(now());
        Set<HarmonyLine> offered = new LinkedHashSet<>();
        for (boolean above : new boolean[] {true, false}) {
            Arrays.stream(USUAL_LINES).forEach(number -> offered.add(new HarmonyLine(number, above)));
        }
        offered.addAll(chosen);
        FlowPane chips = new FlowPane(5, 5);
        for (HarmonyLine line : offered) {
            ToggleButton chip = Controls.chip(schema.name() + "-" + line.text().replace(' ', '-'), line.text(), chosen.contains(line), on -> {
                List<HarmonyLine> changed = new ArrayList<>(chosen);
                if (!changed.remove(line)) {
                    changed.add(line);
                }
                change(changed.stream().map(HarmonyLine::text).collect(Collectors.joining(", ")), line.text());
            });
            chip.setDisable(chosen.equals(List.of(line)));
            chips.getChildren().add(chip);
        }
        return chips;
    }

    /** What is offered, and what was written besides. */
    private Node written() {
        List<String> offered = new ArrayList<>(setting.type().values());
        if (!offered.contains(now())) {
            offered.add(now());
        }
        return Choice.inForm(id(), offered, now(), setting::words, this::change);
    }

    /** Another part that is no drums; nothing, or the one that is gone, as long as it stands there. */
    private Node part() {
        List<String> names = new ArrayList<>(others());
        if (!names.contains(now())) {
            names.add(0, now());
        }
        return Choice.inForm(id(), names, now(), name -> name.isEmpty() ? Words.say("form.noPart") : name, this::change);
    }

    private List<String> others() {
        Optional<Integer> own = host.session().part().map(Part::id);
        return host.session().results().get().song().parts().stream().filter(part -> !part.isDrums() && !own.equals(Optional.of(part.id())))
                .map(Part::name).distinct().toList();
    }

    /** The progression, which is the chord parts as long as it is empty, the other parts, and the chord parts. */
    private Node chords() {
        Song song = host.session().results().get().song();
        List<String> sources = new ArrayList<>(List.of("progression"));
        sources.addAll(others());
        if (!song.progression().isEmpty()) {
            sources.add("chord-parts");
        }
        if (!sources.contains(now())) {
            sources.add(now());
        }
        return Choice.inForm(id(), sources, now(), source -> sourceName(source, song), source -> change(source, sourceName(source, song)));
    }

    private static String sourceName(String source, Song song) {
        return switch (source) {
            case "progression" -> Words.say(song.progression().isEmpty() ? "form.chordParts" : "form.progression");
            case "chord-parts" -> Words.say("form.chordParts");
            default -> source;
        };
    }

    /** In a form parts are told by their names, as they stand in the list. */
    private SettingTexts texts() {
        Song song = host.session().results().get().song();
        return new SettingTexts(id -> song.find(id).map(Part::name).orElse(Words.say("form.partGone")),
                name -> song.parts().stream().filter(part -> part.name().equals(name)).findFirst().map(Part::id)
                        .orElseThrow(() -> new MusicTextException(Words.say("form.partGone"))), song.time().ticksPerQuarter());
    }
}
