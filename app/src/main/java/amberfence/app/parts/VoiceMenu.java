package amberfence.app.parts;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.edit.Ensemble;
import amberfence.edit.VoiceParts;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import javafx.scene.control.Menu;
import javafx.scene.control.SeparatorMenuItem;

/** In the menu of a part: its voices as parts of their own. */
final class VoiceMenu {
    private static final List<Integer> LINES = List.of(2, 3, 4, 5);
    private static final int FOUR = 4;

    private VoiceMenu() {
    }

    static Menu of(Session session, Part part) {
        Menu menu = new Menu(Words.say("parts.voices"));
        menu.setId("part-voices");
        menu.getItems().addAll(Controls.menuItem("voices-bass", Words.say("parts.voicesBass"),
                () -> draw(session, part, "parts.voicesBass", song -> VoiceParts.bass(song, part.id()))),
                Controls.menuItem("voices-tune", Words.say("parts.voicesTune"),
                        () -> draw(session, part, "parts.voicesTune", song -> VoiceParts.tune(song, part.id()))), new SeparatorMenuItem());
        for (int count : LINES) {
            if (count == FOUR) {
                menu.getItems().add(four(session, part));
            } else {
                menu.getItems().add(Controls.menuItem("voices-" + count, Words.say("parts.voicesLines", count), () -> draw(session, part, "parts.voices",
                        song -> VoiceParts.lines(song, part.id(), count, Ensemble.AS_THEY_ARE))));
            }
        }
        return menu;
    }

    private static Menu four(Session session, Part part) {
        Menu four = new Menu(Words.say("parts.voicesFour"));
        four.setId("voices-4");
        for (Ensemble ensemble : Ensemble.values()) {
            String name = ensemble.name().toLowerCase(Locale.ROOT);
            four.getItems().add(Controls.menuItem("voices-4-" + name, Words.say("ensemble." + name), () -> draw(session, part, "parts.voicesFour",
                    song -> VoiceParts.lines(song, part.id(), FOUR, ensemble))));
        }
        return four;
    }

    /** The first of the new parts is chosen. */
    private static void draw(Session session, Part part, String words, UnaryOperator<Song> command) {
        if (session.song().find(part.id()).isEmpty()) {
            return;
        }
        int before = session.song().parts().size();
        session.edit(Words.say("parts.drawn", Words.say(words), part.name()), command);
        List<Integer> order = session.song().parts().stream().map(Part::id).toList();
        session.selection().selectPart(order.get(order.indexOf(part.id()) + 1));
        session.say(Words.say("parts.drawnMessage", Words.count("partCount", session.song().parts().size() - before), part.name()));
    }
}
