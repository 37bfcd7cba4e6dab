package amberfence.song;

/**
 * One place in a part's list of steps.
 *
 * @param id identity within the song
 * @param on whether the step counts towards the result
 * @param treatment the step with its settings
 */
public record StepSlot(long id, boolean on, Treatment treatment) {
    public StepSlot withOn(boolean newOn) {
        return new StepSlot(id, newOn, treatment);
    }

    public StepSlot withTreatment(Treatment newTreatment) {
        return new StepSlot(id, on, newTreatment);
    }
}
