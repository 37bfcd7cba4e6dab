package amberfence.step.fence;

import amberfence.song.Note;
import amberfence.step.Reason;
import amberfence.step.Work;
import java.util.List;

/** Chooses between two pitches for every note of a line so that the line keeps its shape; see {@link LineShape}. */
public final class ShapedLine {
    private final List<Note> notes;
    private final LineGraph graph;
    private final int[] solved;
    private final Explanation explanation;
    private final int[] low;
    private final int[] high;

    /**
     * Weighs the whole line at once.
     *
     * @param low the lower candidate of each note; where it equals the higher one there is no choice
     * @param high the higher candidate of each note
     * @param lineFirst whether the farther of two may be taken for the shape of the line; else only those that are equally near
     *                  are weighed
     */
    public ShapedLine(List<Note> notes, int[] low, int[] high, boolean lineFirst) {
        this.notes = notes;
        this.low = low;
        this.high = high;
        int[] least = low.clone();
        int[] most = high.clone();
        for (int i = 0; i < least.length && !lineFirst; i++) {
            int down = notes.get(i).pitch() - low[i];
            int up = high[i] - notes.get(i).pitch();
            if (low[i] < high[i] && down != up) {
                least[i] = down < up ? low[i] : high[i];
                most[i] = least[i];
            }
        }
        this.graph = new LineGraph(notes, least, most);
        this.solved = LineShape.solve(graph);
        this.explanation = new Explanation(graph, solved);
    }

    /** The chosen pitch of a note. */
    public int pitch(int index) {
        return solved[index];
    }

    /** What tipped the balance for a note that had a choice. */
    public Reason reason(int index) {
        if (!graph.isFixed(index)) {
            return explanation.of(index);
        }
        int chosen = solved[index];
        return low[index] == high[index] ? new FenceReason.OnlyCandidate(chosen)
                : new FenceReason.Nearest(chosen, chosen == low[index] ? high[index] : low[index]);
    }

    /** Neighbours in a voice that differed and now sound alike are told. */
    public void findLostSteps(Work work) {
        for (int i = 0; i < notes.size(); i++) {
            int before = graph.previous[i];
            if (before >= 0 && pitch(before) == pitch(i) && notes.get(before).pitch() != notes.get(i).pitch()) {
                work.find(new FenceFinding.StepLost(notes.get(before).withPitch(pitch(before)), notes.get(i).withPitch(pitch(i))));
            }
        }
    }
}
