package amberfence.step.fence;

import amberfence.notes.Note;
import amberfence.notes.NoteArrays;
import amberfence.notes.NoteColumns;
import amberfence.step.Reason;
import amberfence.step.Work;
import java.util.List;

/** Chooses between two pitches for every note of a line so that the line keeps its shape; see {@link LineShape}. */
public final class ShapedLine {
    private final List<Note> notes;
    private final LineGraph graph;
    private final byte[] solved;
    private final Explanation explanation;

    /**
     * Weighs the whole line at once.
     *
     * @param candidates of each note
     */
    public ShapedLine(List<Note> notes, Candidates candidates) {
        this(notes, NoteArrays.of(notes), candidates);
    }

    /**
     * The same, where somebody has the arrays.
     *
     * @param arrays of the same notes
     */
    ShapedLine(List<Note> notes, NoteArrays arrays, Candidates candidates) {
        this.notes = notes;
        this.graph = new LineGraph(NoteColumns.of(notes), arrays, candidates);
        this.solved = LineShape.solve(graph);
        this.explanation = new Explanation(graph, solved);
    }

    /** The chosen pitch of a note. */
    public int pitch(int index) {
        return solved[index];
    }

    /** What tipped the balance for a note that had a choice; else that it had none. */
    public Reason reason(int index) {
        return graph.isFixed(index) ? new FenceReason.Choice(FenceReason.Why.ONLY, solved[index], solved[index]) : explanation.of(index);
    }

    /** Neighbours in a voice that differed and now sound alike are told. */
    public void findLostSteps(Work work) {
        for (int i = 0; i < solved.length; i++) {
            int before = graph.previous[i];
            if (before >= 0 && solved[before] == solved[i] && graph.pitch(before) != graph.pitch(i)) {
                work.find(new FenceFinding.StepLost(notes.get(before).withPitch(pitch(before)), notes.get(i).withPitch(pitch(i))));
            }
        }
    }
}
