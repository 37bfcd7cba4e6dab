package amberfence.step;

import amberfence.notes.Line;
import amberfence.notes.Progression;
import amberfence.reading.PartChords;
import amberfence.reading.RulingChords;
import amberfence.words.Texts;
import java.util.Optional;

/**
 * Where a step takes its chords from.
 *
 * @param part identity of the part whose notes are the harmony, with {@code PART}
 * @param gaps what counts where there is no chord
 */
public record ChordSource(From from, Optional<Integer> part, Gaps gaps) {
    /** Where chords can come from. */
    public enum From {
        /** The progression of the song or, while it is empty, what the parts with the role of chords play. */
        PROGRESSION,
        /** What the parts with the role of chords play. */
        CHORD_PARTS,
        /** What one part plays. */
        PART
    }

    /** What counts between chords and where none has begun yet. */
    public enum Gaps {
        /** The last chord holds until the next; before the first, the scale counts. */
        HOLD,
        /** The scale counts. */
        SCALE,
        /** Nothing: notes are left alone. */
        LEAVE
    }

    public static final ChordSource USUAL = new ChordSource(From.PROGRESSION, Optional.empty(), Gaps.HOLD);
    public static final ChordSource CHORD_PARTS = new ChordSource(From.CHORD_PARTS, Optional.empty(), Gaps.HOLD);

    public ChordSource {
        gaps = gaps == null ? Gaps.HOLD : gaps;
        part = from == From.PART && part != null ? part : Optional.empty();
        if (from == From.PART && part.isEmpty()) {
            throw new IllegalArgumentException(Texts.say("chords of a part need to know of which"));
        }
    }

    /** What one part plays. */
    public static ChordSource of(int part) {
        return new ChordSource(From.PART, Optional.of(part), Gaps.HOLD);
    }

    /** The same chords, with something else where there is none. */
    public ChordSource withGaps(Gaps newGaps) {
        return new ChordSource(from, part, newGaps);
    }

    /** Chords from elsewhere; what counts where there is none stays. */
    public ChordSource withChordsOf(ChordSource other) {
        return new ChordSource(other.from, other.part, gaps);
    }

    /** The chords in time; none when the progression is empty and no part plays chords, or when the part is gone. */
    public Progression chords(Surroundings around) {
        if (from == From.PROGRESSION && !around.progression().isEmpty()) {
            return around.progression();
        }
        Line line = part.map(id -> around.others().line(id).orElse(Line.EMPTY)).orElseGet(() -> around.others().chordParts());
        return PartChords.of(line, around.time(), around.fence());
    }

    /** Which chord rules at any tick. */
    public RulingChords ruling(Surroundings around) {
        return new RulingChords(chords(around), gaps == Gaps.HOLD, around.time());
    }

    /** Why there are no chords. */
    public Finding missing() {
        return from == From.PROGRESSION ? new Finding.NoProgression() : new Finding.NoChordsInPart();
    }

    /** As it is typed: {@code progression}, {@code chord-parts}, or a part. */
    public String text(SettingTexts texts) {
        return switch (from) {
            case PROGRESSION -> "progression";
            case CHORD_PARTS -> "chord-parts";
            case PART -> texts.partName().apply(part.orElseThrow());
        };
    }

    /** Reads where the chords come from; what counts where there is none stays. */
    public ChordSource read(String text, SettingTexts texts) {
        return withChordsOf(switch (text.strip()) {
            case "progression" -> USUAL;
            case "chord-parts" -> CHORD_PARTS;
            default -> of(texts.partOf().apply(text.strip()));
        });
    }
}
