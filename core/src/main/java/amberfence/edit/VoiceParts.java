package amberfence.edit;

import amberfence.notes.Line;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.PartSound;
import amberfence.song.Song;
import amberfence.step.PitchRange;
import amberfence.step.draw.Voice;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.List;

/** Draws voices of a part into parts of their own, which follow it until they are settled. */
public final class VoiceParts {
    /** How many lines a part can be divided into. */
    public static final Range LINES = new Range("lines", 2, 8);
    /** From the lowest string of a bass (common practice, no source), so low that chords in the middle go there by whole octaves. */
    private static final PitchRange BASS = PitchRange.parse("E1..G2");
    private static final List<String> FOUR = List.of(Texts.text("%s, soprano"), Texts.text("%s, alto"), Texts.text("%s, tenor"), Texts.text("%s, bass"));

    private VoiceParts() {
    }

    /** Adds a bass of the lowest notes, in the range of a bass. */
    public static Song bass(Song song, int partId) {
        return plus(song, partId, 1, Texts.say("%s, lowest", song.part(partId).name()), Role.BASS, Voice.lowest(partId, BASS), PartSound.USUAL);
    }

    /** Adds a tune of the highest notes. */
    public static Song tune(Song song, int partId) {
        return plus(song, partId, 1, Texts.say("%s, highest", song.part(partId).name()), Role.MELODY, Voice.highest(partId), PartSound.USUAL);
    }

    /**
     * Adds a part for each of so many lines, from the top, and mutes the part that is divided: it sounds in its lines.
     *
     * @param lines 2–8; four are soprano, alto, tenor and bass
     */
    public static Song lines(Song song, int partId, int lines, Ensemble ensemble) {
        LINES.check(lines);
        Part source = song.part(partId);
        Song more = song;
        for (int line = 0; line < lines; line++) {
            String name = lines == FOUR.size() ? Texts.say(FOUR.get(line), source.name()) : Texts.say("%s, line %s of %s", source.name(), line + 1, lines);
            more = plus(more, partId, line + 1, name, line == lines - 1 ? Role.BASS : Role.MELODY, Voice.line(partId, line + 1, lines),
                    PartSound.USUAL.withProgram(ensemble.program(line, lines)));
        }
        return more.withPart(partId, part -> part.withSound(part.sound().withMuted(true)));
    }

    private static Song plus(Song song, int source, int places, String name, Role role, Voice voice, PartSound sound) {
        List<Part> parts = song.parts();
        int behind = parts.get(parts.indexOf(song.part(source)) + places - 1).id();
        Song more = song.plusPartBehind(behind, name, role, song.freeChannel(), Line.EMPTY);
        int added = more.parts().get(parts.indexOf(song.part(behind)) + 1).id();
        return more.withPart(added, part -> part.withSound(sound)).plusStep(added, voice);
    }
}
