package amberfence.app.overview;

import amberfence.app.session.Results;
import amberfence.reading.ChordStanding;
import amberfence.reading.RulingChords;
import amberfence.song.Part;
import amberfence.step.ChordSource;
import amberfence.step.Setting;
import java.util.ArrayList;
import java.util.List;

/**
 * What the overview shows.
 *
 * @param bars how many bars the song has
 */
record OverviewModel(int bars, List<Row> rows) {
    static final OverviewModel EMPTY = new OverviewModel(1, List.of());

    /** One part, bar by bar. */
    record Row(int part, String name, List<ChordStanding.Bar> bars) {
    }

    OverviewModel {
        rows = List.copyOf(rows);
    }

    /** How all parts but drums stand, as their steps make them. */
    static OverviewModel of(Results results) {
        var song = results.song();
        int bars = song.lastBar();
        List<Row> rows = new ArrayList<>();
        for (Part part : song.parts()) {
            if (!part.isDrums()) {
                RulingChords ruling = ChordSource.USUAL.ruling(Setting.of(song, part));
                rows.add(new Row(part.id(), part.name(), ChordStanding.of(results.part(part.id()).line(), ruling, results.fence(),
                        song.time(), bars)));
            }
        }
        return new OverviewModel(bars, rows);
    }
}
