package amberfence.step;

/** The groups in which steps are listed, in the order of the work. */
public enum StepGroup {
    FENCE("Fence"), PITCH("Pitch"), CHORDS("Chords"), NEW_NOTES("New notes"), TIME("Time and touch");

    private final String title;

    StepGroup(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
