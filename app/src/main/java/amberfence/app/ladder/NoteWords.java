package amberfence.app.ladder;

import amberfence.app.words.Words;
import amberfence.notes.DrumNames;
import amberfence.notes.Note;
import amberfence.notes.PlaceText;
import amberfence.result.Standing;
import amberfence.step.Change;
import amberfence.step.StepWords;
import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;
import java.util.Optional;

/** What the ladder says about a note or a row. */
final class NoteWords {
    String of(Standing standing, LadderScene scene) {
        Note note = standing.before();
        Spelling spelling = spelling(note.start(), scene);
        String place = PlaceText.of(scene.results().song().time(), note.start());
        // A drum has no degree: it is said what is struck.
        String head = drum(note.pitch(), scene).map(drum -> Words.say("ladder.drumNote", spelling.pitchText(note.pitch()), drum, place, note.velocity()))
                .orElseGet(() -> Words.say("ladder.note", spelling.pitchText(note.pitch()), spelling.degreeText(PitchClass.of(note.pitch())), place, note.velocity()));
        return head + switch (standing.kind()) {
            case INSIDE -> "";
            case ALLOWED -> Words.say(scene.fence().isAllowedByHand(note) ? "ladder.allowedByHand" : "ladder.allowed");
            case KEPT -> Words.say("ladder.kept", reason(standing, spelling));
            case OUTSIDE -> Words.say("ladder.outside", spelling.key().text());
            case MADE -> made(note, scene);
            case LEFT_OUT -> Words.say("ladder.leftOut");
            case MOVED -> Words.say("ladder.moved", pitch(standing, spelling), reason(standing, spelling));
            case CHANGED -> standing.shown(false).pitch() == note.pitch()
                    ? Words.say("ladder.retimed", reason(standing, spelling))
                    : Words.say("ladder.changed", pitch(standing, spelling), reason(standing, spelling));
        };
    }

    /** Where a made note came from: the note behind it, if there is one. */
    private static String made(Note note, LadderScene scene) {
        return scene.results().part(scene.part().id()).stages().stream().flatMap(stage -> stage.outcome().changes().stream())
                .filter(change -> change.isMade() && change.note().id() == note.id()).findFirst().flatMap(Change::source)
                .map(source -> Words.say("ladder.madeFrom", spelling(source.start(), scene).pitchText(source.pitch()),
                        PlaceText.of(scene.results().song().time(), source.start()))).orElse(Words.say("ladder.made"));
    }

    private static String pitch(Standing standing, Spelling spelling) {
        return spelling.pitchText(standing.after().orElseThrow().pitch());
    }

    private static String reason(Standing standing, Spelling spelling) {
        return StepWords.of(spelling).sentence(standing.reason().orElseThrow());
    }

    String ofRow(int pitch, long tick, LadderScene scene) {
        Spelling spelling = spelling(tick, scene);
        Optional<String> drum = drum(pitch, scene);
        if (drum.isPresent()) {
            return Words.say("ladder.drumRow", spelling.pitchText(pitch), drum.get());
        }
        return Words.say(scene.fence().at(tick).containsPitch(pitch) ? "ladder.row" : "ladder.gap",
                spelling.pitchText(pitch), spelling.degreeText(PitchClass.of(pitch)), spelling.key().text());
    }

    private static Optional<String> drum(int pitch, LadderScene scene) {
        return scene.part().isDrums() ? DrumNames.of(pitch) : Optional.empty();
    }

    private static Spelling spelling(long tick, LadderScene scene) {
        return scene.fence().spellingAt(tick);
    }
}
