package amberfence.step;

import amberfence.words.Texts;

/** The groups in which steps are listed, in the order of the work. */
public enum StepGroup {
    FENCE(Texts.text("Fence")), PITCH(Texts.text("Pitch")), CHORDS(Texts.text("Chords")), NEW_NOTES(Texts.text("New notes")), TIME(Texts.text("Time and touch"));

    private final String title;

    StepGroup(String title) {
        this.title = title;
    }

    public String title() {
        return Texts.say(title);
    }
}
