package amberfence.theory;

import amberfence.words.Texts;
import java.util.regex.Pattern;

/**
 * A note name in an octave, middle C being C4 (scientific pitch notation; ASA/ISO, and the MusicXML 4.0 schema's
 * type {@code octave}). C♭4 is MIDI 59, B♯3 is MIDI 60: the octave counts letters, not sounds.
 */
public record SpelledPitch(NoteName name, int octave) {
    private static final Pattern OCTAVE = Pattern.compile("-?[0-9]{1,2}");
    /** In which octave MIDI pitch 60 is. */
    public static final int MIDDLE_C_OCTAVE = 4;

    /** Reads a name and an octave number: {@code C4}, {@code F#3}, {@code Bb-1}, also as {@link #text} writes it. */
    public static SpelledPitch parse(String text) {
        String plain = Accidental.plain(text.strip()).replace('−', '-');
        int digit = 0;
        while (digit < plain.length() && plain.charAt(digit) != '-' && !Character.isDigit(plain.charAt(digit))) {
            digit++;
        }
        if (!OCTAVE.matcher(plain.substring(digit)).matches()) {
            throw new MusicTextException(Texts.say("“%s” is no pitch; write a note and its octave, as in F#4", text));
        }
        return new SpelledPitch(NoteName.parse(plain.substring(0, digit)), Integer.parseInt(plain.substring(digit)));
    }

    /** The MIDI pitch, C4 = 60; outside 0–127 for pitches that MIDI does not have. */
    public int number() {
        return PitchClass.COUNT * (octave + 1) + name.letter().semitones() + name.alteration();
    }

    public SpelledPitch plus(Interval interval) {
        return moved(name.plus(interval), interval.semitones());
    }

    public SpelledPitch minus(Interval interval) {
        return moved(name.minus(interval), -interval.semitones());
    }

    private SpelledPitch moved(NoteName target, int semitones) {
        return of(target, number() + semitones);
    }

    /** The pitch of a given sound under a given name, which fixes the octave. */
    public static SpelledPitch of(NoteName name, int number) {
        int natural = number - name.alteration() - name.letter().semitones();
        return new SpelledPitch(name, Math.floorDiv(natural, PitchClass.COUNT) - 1);
    }

    /** The same pitch where octaves are numbered by so many more, or fewer below 0. */
    public SpelledPitch renumbered(int octaves) {
        return new SpelledPitch(name, octave + octaves);
    }

    /** Name and octave, for example {@code F♯4}. */
    public String text() {
        return name.text() + (octave < 0 ? "−" : "") + Math.abs(octave);
    }

    /** Name with typed signs and octave, for example {@code F#4}: what {@link #parse} reads. */
    public String plainText() {
        return name.plainText() + octave;
    }

    @Override
    public String toString() {
        return text();
    }
}
