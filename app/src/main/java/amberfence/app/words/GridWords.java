package amberfence.app.words;

import amberfence.notes.Grid;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Note values as people choose them: straight, dotted and triplets, from whole notes to sixty-fourths. */
public final class GridWords {
    private GridWords() {
    }

    /** Every grid, from wide to narrow. */
    public static List<Grid> all() {
        List<Grid> all = new ArrayList<>();
        for (int division = 1; division <= 64; division *= 2) {
            all.add(new Grid(division, Grid.Feel.DOTTED));
            all.add(Grid.of(division));
            all.add(new Grid(division, Grid.Feel.TRIPLET));
        }
        return all;
    }

    /** For example {@code 1/8 dotted}. */
    public static String of(Grid grid) {
        return Words.say("grid." + grid.feel().name().toLowerCase(Locale.ROOT), grid.division());
    }
}
