package amberfence.notes;

import amberfence.words.Texts;
import java.util.List;
import java.util.Optional;

/** What the notes of a drum part strike: the percussion map of General MIDI Level 1 (MMA RP-003, 1991; from memory). */
public final class DrumNames {
    private static final int FIRST = 35;
    private static final List<String> NAMES = List.of(Texts.text("low bass drum"), Texts.text("bass drum"), Texts.text("side stick"), Texts.text("snare"),
            Texts.text("hand clap"), Texts.text("electric snare"), Texts.text("low floor tom"), Texts.text("closed hi-hat"), Texts.text("high floor tom"),
            Texts.text("pedal hi-hat"), Texts.text("low tom"), Texts.text("open hi-hat"), Texts.text("low-mid tom"), Texts.text("high-mid tom"),
            Texts.text("crash cymbal 1"), Texts.text("high tom"), Texts.text("ride cymbal 1"), Texts.text("Chinese cymbal"), Texts.text("ride bell"),
            Texts.text("tambourine"), Texts.text("splash cymbal"), Texts.text("cowbell"), Texts.text("crash cymbal 2"), Texts.text("vibraslap"),
            Texts.text("ride cymbal 2"), Texts.text("high bongo"), Texts.text("low bongo"), Texts.text("muted high conga"), Texts.text("open high conga"),
            Texts.text("low conga"), Texts.text("high timbale"), Texts.text("low timbale"), Texts.text("high agogo"), Texts.text("low agogo"),
            Texts.text("cabasa"), Texts.text("maracas"), Texts.text("short whistle"), Texts.text("long whistle"), Texts.text("short guiro"),
            Texts.text("long guiro"), Texts.text("claves"), Texts.text("high wood block"), Texts.text("low wood block"), Texts.text("muted cuica"),
            Texts.text("open cuica"), Texts.text("muted triangle"), Texts.text("open triangle"));

    private DrumNames() {
    }

    /** The name of a MIDI note; nothing for notes outside the map, from 35 to 81. */
    public static Optional<String> of(int pitch) {
        int index = pitch - FIRST;
        return index < 0 || index >= NAMES.size() ? Optional.empty() : Optional.of(Texts.say(NAMES.get(index)));
    }
}
