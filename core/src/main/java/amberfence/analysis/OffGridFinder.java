package amberfence.analysis;

import amberfence.notes.Grid;
import amberfence.notes.GridLines;
import amberfence.notes.Note;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;

/**
 * Notes far off the grid while those around are on it: more than a sixth of a cell, while the two before and the two after, at least
 * two of them, are within a tenth. The grid is that of sixteenths or of eighth triplets, whichever holds three quarters of the
 * part within a tenth of a cell; without such a one nothing is off.
 */
final class OffGridFinder implements Finder {
    private static final double NEAR = 0.1;
    private static final double FAR = 1 / 6.0;
    private static final double MOST = 0.75;
    private static final int AROUND = 2;
    private static final int LEAST_AROUND = 2;

    @Override
    public List<Doubt> find(PartReading reading) {
        List<Doubt> found = new ArrayList<>();
        List<Note> notes = reading.line().notes();
        for (String value : List.of("1/16", "1/8t")) {
            GridLines lines = new GridLines(reading.time(), Grid.parse(value));
            double[] off = new double[notes.size()];
            int near = 0;
            for (int i = 0; i < off.length; i++) {
                GridLines.Cell cell = lines.cell(notes.get(i).start());
                off[i] = Math.abs(notes.get(i).start() - cell.nearest(notes.get(i).start())) / (double) (cell.to() - cell.from());
                near += off[i] <= NEAR ? 1 : 0;
            }
            if (near >= MOST * off.length) {
                for (int i = 0; i < off.length; i++) {
                    if (off[i] > FAR && isNearAround(off, i)) {
                        found.add(doubt(notes.get(i), lines.nearest(notes.get(i).start()), value, reading));
                    }
                }
                return found;
            }
        }
        return found;
    }

    private static boolean isNearAround(double[] off, int at) {
        int around = 0;
        for (int i = Math.max(0, at - AROUND); i <= Math.min(off.length - 1, at + AROUND); i++) {
            if (i != at) {
                if (off[i] > NEAR) {
                    return false;
                }
                around++;
            }
        }
        return around >= LEAST_AROUND;
    }

    private static Doubt doubt(Note note, long line, String value, PartReading reading) {
        return new Doubt(DoubtKind.OFF_GRID, reading.part().id(), List.of(note), names -> Texts.say("%s is %s ticks off %s, and its neighbours are on it",
                names.apply(note.pitch()), Math.abs(note.start() - line), value), List.of(new Mend.BeginAt(note.id(), line)));
    }
}
