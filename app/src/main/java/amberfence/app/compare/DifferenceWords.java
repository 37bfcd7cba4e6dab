package amberfence.app.compare;

import amberfence.app.words.Words;
import amberfence.notes.Note;
import amberfence.notes.PlaceText;
import amberfence.notes.TimeMap;
import amberfence.reading.Comparison.Difference;
import amberfence.theory.Spelling;
import java.util.ArrayList;
import java.util.List;

/** Says in words what a difference is. */
final class DifferenceWords {
    private DifferenceWords() {
    }

    /** Place, notes, and in what they differ. */
    static String of(Difference difference, TimeMap time, Spelling spelling) {
        String place = PlaceText.of(time, difference.either().start()) + "   ";
        if (difference.a().isEmpty() || difference.b().isEmpty()) {
            return place + Words.say(difference.a().isPresent() ? "compare.onlyA" : "compare.onlyB",
                    name(difference.either(), spelling));
        }
        Note a = difference.a().get();
        Note b = difference.b().get();
        List<String> ways = new ArrayList<>();
        if (difference.isStart()) {
            ways.add(Words.say(b.start() > a.start() ? "compare.later" : "compare.earlier"));
        }
        if (difference.isLength()) {
            ways.add(Words.say(b.length() > a.length() ? "compare.longer" : "compare.shorter"));
        }
        if (difference.isVelocity()) {
            ways.add(Words.say(b.velocity() > a.velocity() ? "compare.louder" : "compare.softer"));
        }
        String names = difference.isPitch() ? name(a, spelling) + " → " + name(b, spelling) : name(a, spelling);
        return place + names + (ways.isEmpty() ? "" : "   " + String.join(", ", ways));
    }

    private static String name(Note note, Spelling spelling) {
        return spelling.pitchText(note.pitch());
    }
}
