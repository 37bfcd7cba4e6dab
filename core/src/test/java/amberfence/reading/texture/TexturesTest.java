package amberfence.reading.texture;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Chords that are read out of textures of every kind. The aims are those that were set for reading, not what it reaches. */
class TexturesTest {
    private static final double ROOT_AND_QUALITY = 0.99;
    private static final double EXACT = 0.96;
    private static final double WORST = 0.92;
    private static final double BLOCKS = 0.995;
    /** {@code -Damberfence.figures=200} for the long measurement. */
    private static final int SEEDS = Integer.getInteger("amberfence.figures", 12);

    @Test
    void readsChordsOutOfEveryTexture() {
        ReadingTextures.Score sum = new ReadingTextures.Score(0, 0);
        StringBuilder table = new StringBuilder(String.format("%n%-38s root, quality   exact%n", "chords read out of"));
        double blocks = 0;
        double worst = 1;
        for (Texture texture : Texture.all()) {
            ReadingTextures.Score score = ReadingTextures.of(texture, SEEDS);
            table.append(String.format("%-38s %9.1f %% %9.1f %%%n", texture.words(), 100 * score.rootAndQuality(), 100 * score.exact()));
            sum = sum.plus(score);
            worst = Math.min(worst, score.exact());
            blocks += texture.pattern() == Pattern.BLOCK ? score.exact() / 3 : 0;
        }
        ReadingTextures.Score mean = sum.over(Texture.all().size());
        System.out.printf("%s%-38s %9.1f %% %9.1f %%   (aims: %.0f %% and %.0f %%)%nworst %.1f %% (aim %.0f %%), blocks of all kinds %.2f %% (aim %.1f %%)%n%n",
                table, "all " + Texture.all().size() + " textures, " + SEEDS + " songs each", 100 * mean.rootAndQuality(), 100 * mean.exact(),
                100 * ROOT_AND_QUALITY, 100 * EXACT, 100 * worst, 100 * WORST, 100 * blocks, 100 * BLOCKS);
        assertThat(mean.rootAndQuality()).isGreaterThanOrEqualTo(ROOT_AND_QUALITY);
        assertThat(mean.exact()).isGreaterThanOrEqualTo(EXACT);
        assertThat(worst).isGreaterThanOrEqualTo(WORST);
        assertThat(blocks).isGreaterThanOrEqualTo(BLOCKS);
    }
}
