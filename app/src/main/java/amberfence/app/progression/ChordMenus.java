package amberfence.app.progression;

import amberfence.analysis.SongChords;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.edit.ProgressionEdits;
import amberfence.notes.ChordSpan;
import amberfence.song.Part;
import amberfence.step.move.Move;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClass;
import amberfence.theory.ProgressionTemplate;
import amberfence.theory.ProgressionTemplates;
import amberfence.theory.Scale;
import amberfence.theory.Scales;
import amberfence.theory.Voicing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** The menus of the strip: what can be added, how the chords are voiced, and what can be changed in many at once. */
public final class ChordMenus {
    private static final int[] CENTRES = {48, 54, 60, 66};
    private final Session session;
    private final ChordCommands commands;
    private final Runnable openChart;
    private final Runnable openSmooth;

    /**
     * @param openChart opens the sheet into which a chart is pasted
     * @param openSmooth opens the settings of the smoothest voicings
     */
    public ChordMenus(Session session, ChordCommands commands, Runnable openChart, Runnable openSmooth) {
        this.session = session;
        this.commands = commands;
        this.openChart = openChart;
        this.openSmooth = openSmooth;
    }

    /** Where chords come from. */
    List<MenuItem> add() {
        Menu templates = menu("chords-templates", "chords.templates");
        String group = "";
        for (ProgressionTemplate template : ProgressionTemplates.all()) {
            if (!template.group().equals(group)) {
                group = template.group();
                MenuItem heading = new MenuItem(template.groupTitle());
                heading.setDisable(true);
                templates.getItems().add(heading);
            }
            templates.getItems().add(Controls.menuItem("template-" + template.name().replaceAll("[^A-Za-z]+", "-"), template.title(),
                    () -> commands.put(template)));
        }
        Menu read = menu("chords-read", "chords.readMenu");
        read.getItems().add(Controls.menuItem("chords-read-all", Words.say("chords.readAll"), () -> commands.readFrom(Optional.empty())));
        for (Part part : session.song().parts()) {
            if (!part.isDrums()) {
                read.getItems().add(Controls.menuItem("chords-read-" + part.id(), Words.say("chords.readPart", part.name()),
                        () -> commands.readFrom(Optional.of(part.id()))));
            }
        }
        return List.of(templates, Controls.menuItem("chords-chart", Words.say("chords.chart"), openChart),
                Controls.menuItem("chords-from-notes", Words.say("chords.fromNotes"), commands::putFromNotes), read, new SeparatorMenuItem(),
                Controls.menuItem("chords-make-part", Words.say("chords.makePart"), commands::makePart));
    }

    /** Voicings of the meant chords. */
    List<MenuItem> voice() {
        Menu around = menu("voice-fold", "voice.fold");
        for (int centre : CENTRES) {
            around.getItems().add(voiceItem("voice-fold-" + centre, Words.say("voice.around", session.spelling().pitchText(centre)),
                    voicing -> voicing.foldedAround(centre)));
        }
        Menu more = menu("voice-members", "voice.members");
        more.getItems().addAll(members());
        more.getItems().add(new SeparatorMenuItem());
        more.getItems().addAll(voiceItem("voice-double-low", Words.say("voice.doubleLowest"), voicing -> voicing.doubled(0)),
                voiceItem("voice-double-high", Words.say("voice.doubleHighest"), voicing -> voicing.doubled(voicing.size() - 1)),
                voiceItem("voice-low-down", Words.say("voice.lowestDown"), voicing -> voicing.withOctave(0, -1)),
                voiceItem("voice-high-up", Words.say("voice.highestUp"), voicing -> voicing.withOctave(voicing.size() - 1, 1)),
                voiceItem("voice-without-low", Words.say("voice.withoutLowest"), voicing -> voicing.without(0)));
        return List.of(Controls.menuItem("voice-smooth", Words.say("voice.smooth"), openSmooth), new SeparatorMenuItem(),
                voiceItem("voice-invert-up", Words.say("voice.invertUp"), Voicing::invertedUp),
                voiceItem("voice-invert-down", Words.say("voice.invertDown"), Voicing::invertedDown),
                voiceItem("voice-drop-2", Words.say("voice.drop2"), voicing -> voicing.dropped(2)),
                voiceItem("voice-drop-3", Words.say("voice.drop3"), voicing -> voicing.dropped(3)),
                voiceItem("voice-drop-24", Words.say("voice.drop24"), voicing -> voicing.dropped(2, 4)),
                voiceItem("voice-close", Words.say("voice.close"), Voicing::closed),
                voiceItem("voice-open", Words.say("voice.open"), Voicing::opened),
                Controls.menuItem("voice-spread", Words.say("voice.spread"),
                        () -> commands.voiceFromChord(Words.say("voice.spread"), Voicing::ofSpread)),
                around, more, outer("voice-top", "voice.top", Voicing::withTop), outer("voice-bottom", "voice.bottom", Voicing::withBottom),
                new SeparatorMenuItem(), voiceItem("voice-octave-up", Words.say("voice.octaveUp"), voicing -> voicing.transposed(12)),
                voiceItem("voice-octave-down", Words.say("voice.octaveDown"), voicing -> voicing.transposed(-12)),
                Controls.menuItem("voice-usual", Words.say("voice.usual"), () -> commands.voiceFromChord(Words.say("voice.usual"), Voicing::of)));
    }

    /** For each member of the first meant chord: an octave up or down, doubled, left out. */
    private List<MenuItem> members() {
        List<MenuItem> items = new ArrayList<>();
        first().ifPresent(span -> span.chord().kind().tones().forEach(tone -> {
            NoteName name = tone.above(span.chord().root());
            Menu menu = new Menu(Words.say("voice.member", tone.role(), name.text()));
            menu.setId("member-" + tone.plainText());
            int number = tone.number();
            menu.getItems().addAll(member(number, "up", "voice.memberUp", (voicing, voice) -> voicing.withOctave(voice, 1)),
                    member(number, "down", "voice.memberDown", (voicing, voice) -> voicing.withOctave(voice, -1)),
                    member(number, "double", "voice.memberDouble", Voicing::doubled),
                    member(number, "without", "voice.memberOut", Voicing::without));
            items.add(menu);
        }));
        return items;
    }

    /** The same member of every meant chord, by its number; a chord that has none stays. */
    private MenuItem member(int number, String id, String words, BiFunction<Voicing, Integer, Voicing> change) {
        return Controls.menuItem("member-" + number + "-" + id, Words.say(words), () -> commands.voiceMember(Words.say(words), number, change));
    }

    private Optional<ChordSpan> first() {
        return commands.meant().stream().findFirst().flatMap(first -> session.song().progression().find(first));
    }

    private interface Outer {
        Voicing of(Voicing voicing, PitchClass pitchClass);
    }

    /** The members of the first meant chord, one of which goes to the top or the bottom. */
    private Menu outer(String id, String words, Outer place) {
        Menu menu = menu(id, words);
        first().ifPresent(span -> {
            for (NoteName name : span.chord().names()) {
                menu.getItems().add(voiceItem(id + "-" + name.plainText(), name.text(),
                        voicing -> place.of(voicing, name.pitchClass())));
            }
        });
        because(menu, "chords.noneYet");
        return menu;
    }

    /** A menu with nothing in it says why. */
    private static void because(Menu menu, String why) {
        if (menu.getItems().isEmpty()) {
            MenuItem reason = new MenuItem(Words.say(why));
            reason.setDisable(true);
            menu.getItems().add(reason);
        }
    }

    private MenuItem voiceItem(String id, String words, UnaryOperator<Voicing> change) {
        return Controls.menuItem(id, words, () -> commands.voice(words, change));
    }

    /** What is changed in many chords at once. */
    List<MenuItem> change() {
        return List.of(changeItem("change-sevenths", "chords.sevenths", (chord, key) -> ProgressionEdits.extended(chord, key, 7)),
                changeItem("change-ninths", "chords.ninths", (chord, key) -> ProgressionEdits.extended(chord, key, 9)),
                changeItem("change-no-fifth", "chords.noFifth", (chord, key) -> chord.kind().tone(5).isPresent()
                        && chord.kind().tones().size() > 3 ? chord.withKind(chord.kind().without(5)) : chord),
                Controls.menuItem("change-suspend", Words.say("chords.suspend"), commands::suspend),
                changeItem("change-swap", "chords.swap", ProgressionEdits::swapped), new SeparatorMenuItem(),
                changeItem("change-semitone-up", "hands.semitoneUp", (chord, key) -> chord.transposed(1, key.spelling())),
                changeItem("change-semitone-down", "hands.semitoneDown", (chord, key) -> chord.transposed(-1, key.spelling())),
                changeItem("change-degree-up", "hands.degreeUp", (chord, key) -> ProgressionEdits.byDegrees(chord, key, 1)),
                changeItem("change-degree-down", "hands.degreeDown", (chord, key) -> ProgressionEdits.byDegrees(chord, key, -1)),
                withNotes(), toKey("change-to-major", "chords.toMajor", Scales.MAJOR), toKey("change-to-minor", "chords.toMinor", Scales.MINOR),
                Controls.menuItem("change-half", Words.say("chords.half"), () -> commands.stretch(Words.say("chords.half"), 50)),
                Controls.menuItem("change-double", Words.say("chords.double"), () -> commands.stretch(Words.say("chords.double"), 200)),
                new SeparatorMenuItem(), Controls.menuItem("chords-copy", Words.say("chords.copy"), commands::copy),
                Controls.menuItem("chords-paste", Words.say("chords.paste"), commands::paste),
                Controls.menuItem("chords-repeat", Words.say("chords.repeat"), commands::repeat),
                Controls.menuItem("chords-split", Words.say("chords.split"), commands::split),
                Controls.menuItem("chords-delete", Words.say("chords.delete"), commands::delete));
    }

    /** Chords and all that sounds under them. */
    private Menu withNotes() {
        Menu menu = menu("change-with-notes", "chords.withNotes");
        menu.getItems().addAll(withNotes("third-up", "chords.thirdUp", Move.Unit.DEGREES, 2),
                withNotes("third-down", "chords.thirdDown", Move.Unit.DEGREES, -2),
                withNotes("degree-up", "hands.degreeUp", Move.Unit.DEGREES, 1),
                withNotes("degree-down", "hands.degreeDown", Move.Unit.DEGREES, -1),
                withNotes("semitone-up", "hands.semitoneUp", Move.Unit.SEMITONES, 1),
                withNotes("semitone-down", "hands.semitoneDown", Move.Unit.SEMITONES, -1));
        return menu;
    }

    private MenuItem withNotes(String id, String words, Move.Unit by, int amount) {
        return Controls.menuItem("with-notes-" + id, Words.say(words),
                () -> commands.moveWithNotes(Words.say("chords.withNotesDone", Words.say(words)), new Move(by, amount)));
    }

    private Menu toKey(String id, String words, Scale scale) {
        Menu menu = menu(id, words);
        for (int tonic = 0; tonic < 12; tonic++) {
            Key to = Key.of(new PitchClass(tonic), scale);
            menu.getItems().add(Controls.menuItem(id + "-" + tonic, to.text(), () -> commands.change(to.text(),
                    (chord, from) -> ProgressionEdits.toKey(chord, from, to))));
        }
        return menu;
    }

    private MenuItem changeItem(String id, String words, BiFunction<Chord, Key, Chord> change) {
        return Controls.menuItem(id, Words.say(words), () -> commands.change(Words.say(words), change));
    }

    /** What can be done with one chord; other readings of the notes under it among it. */
    List<MenuItem> card(ChordCard card) {
        long id = card.span().id();
        Menu readings = menu("card-readings", "chords.readings");
        SongChords.readings(session.results().get().song(), card.span().start(), card.span().end()).stream().limit(8)
                .forEach(chord -> readings.getItems().add(Controls.menuItem("reading-" + chord.plainText().replace('/', '-'), chord.text(),
                        () -> commands.replace(id, chord))));
        because(readings, "chords.noReadings");
        List<MenuItem> items = new ArrayList<>(List.of(Controls.menuItem("card-edit", Words.say("chords.edit"), card::type), readings,
                Controls.menuItem("card-join", Words.say("chords.join"), () -> commands.join(id))));
        Menu voice = menu("card-voice", "chords.voice");
        voice.getItems().setAll(voice());
        Menu change = menu("card-change", "chords.change");
        change.getItems().setAll(change());
        items.addAll(List.of(voice, change, Controls.menuItem("card-delete", Words.say("chords.delete"), () -> {
            session.selection().selectChords(Set.of(id));
            commands.delete();
        })));
        return items;
    }

    private static Menu menu(String id, String words) {
        Menu menu = new Menu(Words.say(words));
        menu.setId(id);
        return menu;
    }
}
