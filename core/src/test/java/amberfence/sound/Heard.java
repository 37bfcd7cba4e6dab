package amberfence.sound;

import java.util.ArrayList;
import java.util.List;

/** Reads what a simulated output was sent. */
final class Heard {
    private Heard() {
    }

    /** Notes as {@code on 60 @ 500}: what, which pitch, and when in milliseconds of the clock since it stood at its start. */
    static List<String> notes(RecordedOutput output) {
        List<String> notes = new ArrayList<>();
        for (int i = 0; i < output.size(); i++) {
            int message = output.message(i);
            if (Messages.isNoteOn(message) || Messages.isNoteOff(message)) {
                notes.add((Messages.isNoteOn(message) ? "on " : "off ") + Messages.first(message) + " @ "
                        + (output.time(i) - 1_000_000) / 1_000_000);
            }
        }
        return notes;
    }

    /** How many notes are on at the end, every channel and pitch counted. */
    static int stuck(RecordedOutput output) {
        boolean[] on = new boolean[16 * 128];
        for (int i = 0; i < output.size(); i++) {
            int message = output.message(i);
            int key = Messages.channel(message) << 7 | Messages.first(message);
            if (Messages.isNoteOn(message)) {
                on[key] = true;
            } else if (Messages.isNoteOff(message)) {
                on[key] = false;
            }
        }
        int stuck = 0;
        for (boolean sounding : on) {
            stuck += sounding ? 1 : 0;
        }
        return stuck;
    }
}
