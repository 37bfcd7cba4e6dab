package amberfence.app.overview;

import amberfence.app.session.Results;
import amberfence.reading.ChordStanding;
import amberfence.reading.RulingChords;
import amberfence.result.SongResults;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.ChordSource;
import java.util.ArrayList;
import java.util.List;

/**
 * What the overview shows.
 *
 * @param bars how many columns there are, of one bar each or, in a very long song, of several
 * @param together how many bars a column stands for
 */
record OverviewModel(int bars, int together, List<Row> rows) {
    static final OverviewModel EMPTY = new OverviewModel(1, 1, List.of());
    private static final int MOST_COLUMNS = 1_600;

    /** One part, column by column. */
    record Row(int part, String name, List<ChordStanding.Bar> bars) {
    }

    OverviewModel {
        rows = List.copyOf(rows);
    }

    /** How all parts but drums stand, as their steps make them. */
    static OverviewModel of(Results results) {
        Song song = results.song();
        int together = (song.lastBar() - 1) / MOST_COLUMNS + 1;
        int columns = (song.lastBar() - 1) / together + 1;
        RulingChords shared = song.progression().isEmpty() ? null : new RulingChords(song.progression(), true, song.time());
        List<Row> rows = new ArrayList<>();
        for (Part part : song.parts()) {
            if (!part.isDrums()) {
                RulingChords ruling = shared != null ? shared : ChordSource.USUAL.ruling(SongResults.of(song).surroundings(part));
                rows.add(new Row(part.id(), part.name(), ChordStanding.of(results.part(part.id()).line(), ruling, results.fence(),
                        song.time(), columns, together)));
            }
        }
        return new OverviewModel(columns, together, rows);
    }

    /** The first bar of a column, both counted from their own beginning: columns from 0, bars from 1. */
    int firstBar(int column) {
        return column * together + 1;
    }
}
