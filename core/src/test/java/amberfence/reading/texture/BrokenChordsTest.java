package amberfence.reading.texture;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.reading.TuneChords;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Chords that are broken up are read; no chords are made up under them as under a tune. */
class BrokenChordsTest {
    private static final Set<Pattern> BROKEN = EnumSet.of(Pattern.UP, Pattern.DOWN, Pattern.UP_AND_DOWN, Pattern.LOW_AND_HIGH, Pattern.PAIRS, Pattern.ROLLED, Pattern.WIDE, Pattern.TWO_BROKEN);
    private static final int SONGS = 40;

    @Test
    void areNeverTakenForATune() {
        for (Texture texture : Texture.all().stream().filter(some -> BROKEN.contains(some.pattern())).toList()) {
            for (int seed = 0; seed < SONGS; seed++) {
                Line line = Line.of(TexturePlayer.play(texture, 77L * seed + texture.words().hashCode(), seed % 2 == 1).notes());
                assertThat(TuneChords.isTune(line)).as("%s, seed %d", texture.words(), seed).isFalse();
            }
        }
    }
}
