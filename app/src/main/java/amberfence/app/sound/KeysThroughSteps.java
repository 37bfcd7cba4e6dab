package amberfence.app.sound;

import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.notes.ChordSpan;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.sound.LiveChain;
import amberfence.sound.LiveKeys;
import amberfence.theory.Key;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;

/** Keeps what the chosen part's steps make of the keys, for the fence and the chord of the moment; it is worked out anew when one of these changes. */
final class KeysThroughSteps {
    /** What the keys answer to; songs and parts are told apart by being others, not by what is in them. */
    private record Moment(Song song, Part part, Key key, Optional<ChordSpan> chord, double tempo) {
        boolean isLike(Moment other) {
            return other != null && song == other.song && part == other.part && key.equals(other.key) && chord.equals(other.chord) && tempo == other.tempo;
        }
    }

    private final Session session;
    private final LiveKeys keys;
    private final BooleanProperty on = new SimpleBooleanProperty();
    private Moment asked;

    KeysThroughSteps(Session session, LiveKeys keys) {
        this.session = session;
        this.keys = keys;
        on.addListener((property, old, now) -> follow(session.transport().playhead().get()));
    }

    BooleanProperty on() {
        return on;
    }

    /** Goes along with the song, the part and the place. */
    void follow(long tick) {
        Results results = session.results().get();
        Song song = results.song();
        Optional<Part> chosen = session.part().flatMap(part -> song.find(part.id()));
        if (!on.get() || chosen.isEmpty()) {
            asked = null;
            keys.through(Optional.empty());
            return;
        }
        Part part = chosen.get();
        Moment moment = new Moment(song, part, results.fence().keyAt(tick), song.progression().at(tick), song.time().tempoAt(tick).microsecondsPerQuarter());
        if (!moment.isLike(asked)) {
            asked = moment;
            session.computations().ask(this, () -> LiveChain.of(song, part, tick), chain -> {
                if (on.get() && moment.isLike(asked)) {
                    keys.through(Optional.of(chain));
                }
            });
        }
    }

    /** The titles of the chosen part's steps that work on keys. */
    List<String> works() {
        return session.part().map(part -> LiveChain.titles(LiveChain.works(part))).orElse(List.of());
    }

    /** The titles of those that are passed over. */
    List<String> passedOver() {
        return session.part().map(part -> LiveChain.titles(LiveChain.passedOver(part))).orElse(List.of());
    }
}
