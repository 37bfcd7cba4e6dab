package amberfence.step;

import amberfence.reading.PartChords;
import amberfence.reading.RulingChords;
import amberfence.song.Line;
import amberfence.song.Progression;

/**
 * Where a step takes its chords from.
 *
 * @param part identity of the part whose notes are the harmony, or {@link #PROGRESSION}
 * @param gaps what counts where there is no chord
 */
public record ChordSource(int part, Gaps gaps) {
    /** What counts between chords and where none has begun yet. */
    public enum Gaps {
        /** The last chord holds until the next; before the first, the scale counts. */
        HOLD,
        /** The scale counts. */
        SCALE,
        /** Nothing: notes are left alone. */
        LEAVE
    }

    /** The progression of the song or, while it is empty, what the parts with the role of chords play. */
    public static final int PROGRESSION = -1;
    public static final ChordSource USUAL = new ChordSource(PROGRESSION, Gaps.HOLD);

    public ChordSource {
        gaps = gaps == null ? Gaps.HOLD : gaps;
    }

    public ChordSource withPart(int newPart) {
        return new ChordSource(newPart, gaps);
    }

    public ChordSource withGaps(Gaps newGaps) {
        return new ChordSource(part, newGaps);
    }

    /** The chords in time; none when the progression is empty and no part plays chords, or when the part is gone. */
    public Progression chords(Setting setting) {
        if (part == PROGRESSION && !setting.progression().isEmpty()) {
            return setting.progression();
        }
        Line line = part == PROGRESSION ? setting.others().chordParts() : setting.others().line(part).orElse(Line.EMPTY);
        return PartChords.of(line, setting.time(), setting.fence());
    }

    /** Which chord rules at any tick. */
    public RulingChords ruling(Setting setting) {
        return new RulingChords(chords(setting), gaps == Gaps.HOLD, setting.time());
    }

    /** Why there are no chords. */
    public Finding missing() {
        return part == PROGRESSION ? new Finding.NoProgression() : new Finding.NoChordsInPart();
    }
}
