package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.PickNames;
import amberfence.app.words.Words;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.song.Part;
import amberfence.step.StepSlot;
import amberfence.step.pick.Pick;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.MenuItem;

/** The choices of notes to which a step can be limited. */
final class StepLimits {
    private StepLimits() {
    }

    static List<MenuItem> items(Session session, StepSlot slot, Part part) {
        Optional<Pick.Rule> rule = session.pick().rule().get();
        NoteSet picked = session.pick().notes().get();
        NoteSet selected = NoteSet.of(session.selection().in(part.line()).stream().map(Note::id).toList());
        MenuItem all = item("limit-all", Words.say("limit.all"), session, slot, Optional.empty());
        MenuItem asRule = item("limit-rule", rule.map(some -> Words.say("limit.rule", PickNames.shown(some.text(), session.middleC())))
                .orElse(Words.say("limit.noRule")), session, slot, rule);
        asRule.setDisable(rule.isEmpty());
        MenuItem frozen = item("limit-picked", Words.say("limit.picked", Words.count("noteCount", picked.count(part.line()))),
                session, slot, Optional.of(new Pick.Frozen(picked)));
        frozen.setDisable(picked.isEmpty());
        MenuItem chosen = item("limit-selected", selected.isEmpty() ? Words.say("limit.noneSelected")
                : Words.say("limit.selected", Words.count("noteCount", selected.ids().size())), session, slot,
                Optional.of(new Pick.Frozen(selected)));
        chosen.setDisable(selected.isEmpty());
        return List.of(all, asRule, frozen, chosen);
    }

    private static MenuItem item(String id, String words, Session session, StepSlot slot, Optional<? extends Pick> limit) {
        return Controls.menuItem(id, words, () -> session.editStep(
                Words.say("edit.limit", limit.map(Pick::text).orElse(Words.say("limit.all"))), slot.id(),
                same -> same.withLimit(limit)));
    }
}
