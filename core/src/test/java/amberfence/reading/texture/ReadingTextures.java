package amberfence.reading.texture;

import amberfence.notes.Fence;
import amberfence.notes.FenceLine;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.reading.ChordReader;
import amberfence.reading.ReadChord;
import amberfence.reading.texture.Texture.Meant;
import amberfence.reading.texture.Texture.Played;
import amberfence.theory.Chord;
import amberfence.theory.ChordKind;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.stream.Stream;

/** How much of the time chords are read as they were meant. */
final class ReadingTextures {
    /**
     * @param rootAndQuality share of the time in which root, third, fifth and seventh are right
     * @param exact share in which all members and the bass are right
     */
    record Score(double rootAndQuality, double exact) {
        Score plus(Score other) {
            return new Score(rootAndQuality + other.rootAndQuality, exact + other.exact);
        }

        Score over(double count) {
            return new Score(rootAndQuality / count, exact / count);
        }
    }

    private ReadingTextures() {
    }

    /** Over a number of seeds, every second of them played by hand. */
    static Score of(Texture texture, int seeds) {
        Score sum = new Score(0, 0);
        for (int seed = 0; seed < seeds; seed++) {
            sum = sum.plus(of(TexturePlayer.play(texture, 1_000L * texture.words().hashCode() + seed, seed % 2 == 1)));
        }
        return sum.over(seeds);
    }

    static List<ReadChord> read(Played played) {
        FenceLine fence = Fence.of(KeyPlan.of(TexturePlayer.spelling(played.chords().get(0).chord().root().pitchClass()).key())).along(played.time());
        return ChordReader.read(List.of(Line.of(played.notes())), played.time(), fence);
    }

    static Score of(Played played) {
        List<ReadChord> read = read(played);
        return new Score(share(played.chords(), read, ReadingTextures::sameQuality), share(played.chords(), read, ReadingTextures::same));
    }

    private static double share(List<Meant> meant, List<ReadChord> read, BiPredicate<Chord, Chord> alike) {
        double right = 0;
        double all = 0;
        for (Meant one : meant) {
            all += one.end() - one.start();
            for (ReadChord other : read) {
                long together = Math.min(one.end(), other.end()) - Math.max(one.start(), other.start());
                right += together > 0 && alike.test(one.chord(), other.chord()) ? together : 0;
            }
        }
        return right / all;
    }

    static boolean same(Chord meant, Chord read) {
        return sameRoot(meant, read) && meant.pitchClasses().equals(read.pitchClasses())
                && meant.bass().pitchClass().equals(read.bass().pitchClass());
    }

    private static boolean sameRoot(Chord meant, Chord read) {
        return meant.root().pitchClass().equals(read.root().pitchClass());
    }

    static boolean sameQuality(Chord meant, Chord read) {
        return sameRoot(meant, read) && quality(meant.kind()).equals(quality(read.kind()));
    }

    private static List<Integer> quality(ChordKind kind) {
        return Stream.of(3, 5, 7).map(number -> kind.tone(number).map(tone -> tone.semitones() % 12).orElse(-1)).toList();
    }
}
