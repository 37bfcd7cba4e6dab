package amberfence.step.fit;

import amberfence.notes.ChordSpan;
import amberfence.step.Surroundings;
import amberfence.theory.Key;
import amberfence.theory.KeyLadder;
import java.util.HashMap;
import java.util.Map;

/** The numbered pitches of chords, each in the key of a moment, made once. */
final class ChordPlaces {
    private record Place(Object chord, Key key, int inside) {
    }

    private record Recent(ChordSpan span, Key key, int inside, Places places) {
    }

    private final Count count;
    private final Surroundings around;
    private final Map<Place, Places> known = new HashMap<>();
    private final Recent[] recents = new Recent[2];
    private final Map<Key, KeyLadder> ladders = new HashMap<>();

    ChordPlaces(Count count, Surroundings around) {
        this.count = count;
        this.around = around;
    }

    /** Asked for note after note, mostly for the same two: those are remembered by who they are. */
    Places of(ChordSpan span, long tick) {
        Key key = around.fence().keyAt(tick);
        int inside = around.fence().at(tick).bits();
        for (Recent recent : recents) {
            if (recent != null && recent.span == span && recent.key == key && recent.inside == inside) {
                return recent.places;
            }
        }
        Places places = known.computeIfAbsent(new Place(count == Count.MEMBER ? span.chord() : span.sounding(), key, inside),
                place -> Places.of(span, count, around.fence().at(tick), ladders.computeIfAbsent(key, KeyLadder::of)));
        recents[1] = recents[0];
        recents[0] = new Recent(span, key, inside, places);
        return places;
    }
}
