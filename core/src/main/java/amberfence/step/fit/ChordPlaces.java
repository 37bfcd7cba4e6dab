package amberfence.step.fit;

import amberfence.song.ChordSpan;
import amberfence.step.Setting;
import amberfence.theory.Key;
import amberfence.theory.KeyLadder;
import java.util.HashMap;
import java.util.Map;

/** The numbered pitches of chords, each in the key of a moment, made once. */
final class ChordPlaces {
    private record Place(Object chord, Key key, int inside) {
    }

    private final Count count;
    private final Setting setting;
    private final Map<Place, Places> known = new HashMap<>();
    private final Map<Key, KeyLadder> ladders = new HashMap<>();

    ChordPlaces(Count count, Setting setting) {
        this.count = count;
        this.setting = setting;
    }

    Places of(ChordSpan span, long tick) {
        Key key = setting.fence().keyAt(tick);
        return known.computeIfAbsent(new Place(count == Count.MEMBER ? span.chord() : span.sounding(), key,
                setting.fence().at(tick).bits()), place -> Places.of(span, count, setting.fence().at(tick),
                ladders.computeIfAbsent(key, KeyLadder::of)));
    }
}
