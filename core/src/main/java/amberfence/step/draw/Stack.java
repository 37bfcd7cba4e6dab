package amberfence.step.draw;

import amberfence.notes.ChordBank;
import amberfence.notes.Line;
import amberfence.step.Outcome;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.theory.MusicTextException;
import amberfence.theory.Range;
import amberfence.words.Texts;

/**
 * Each note becomes a chord of which it is a member.
 *
 * @param chord which chord: stacked in the key, of a kind, or from the song's chords on keys
 * @param notes how many, in the key, 2–7
 * @param apart in the key, by how much each is above the one before
 * @param noteIs which member the note is
 * @param inversion how often the lowest goes up an octave, 0–6
 * @param drop which voices, from the top, go down an octave
 * @param spread the lowest and the fifth stay low, the others go up an octave
 * @param velocity of the added notes, in percent of the note's
 */
public record Stack(StackChord chord, int notes, Apart apart, NoteIs noteIs, int inversion, Drop drop, boolean spread, int velocity) implements Step {
    /** The steps between the notes of a chord in the key, in degrees. */
    enum Apart {
        THIRDS(2), FOURTHS(3), FIFTHS(4);

        private final int degrees;

        Apart(int degrees) {
            this.degrees = degrees;
        }

        int degrees() {
            return degrees;
        }
    }

    private static final Range NOTES = new Range("notes", 2, 7);
    private static final Range INVERSION = new Range("inversion", 0, 6);
    private static final Range VELOCITY = new Range(Texts.text("velocity in percent"), 1, 200);
    /** Triads of the key on each note. */
    public static final Stack USUAL = new Stack(new StackChord.InKey(), 3, Apart.THIRDS, NoteIs.ROOT, 0, Drop.NONE, false, 100);
    public static final StepSchema<Stack> SCHEMA = StepSchema.of("stack", "Stack chords", StepGroup.NEW_NOTES,
            "Makes a chord of each note.", USUAL).live().touching(Touch.COUNT).needingKey(step -> step.chord instanceof StackChord.InKey)
            .with("chord", "which chord", SettingType.written("in-key, bank, or a kind of chord, as in m7 or maj", "in-key", "maj", "m", "7", "maj7", "m7",
                    "sus4", "bank"), (step, texts) -> step.chord.text(), (step, text, texts) -> new Stack(StackChord.parse(text), step.notes, step.apart,
                            step.noteIs, step.inversion, step.drop, step.spread, step.velocity))
            .worded("Chord", "in the key", "major", "minor", "seventh", "major seventh", "minor seventh", "fourth for the third", "of the key in “chords on keys”")
            .whole("notes", "how many notes in the key", 2, 7, Stack::notes, (step, notes) -> new Stack(step.chord, notes, step.apart, step.noteIs,
                    step.inversion, step.drop, step.spread, step.velocity)).usedWhen("with chord=in-key", step -> step.chord instanceof StackChord.InKey)
            .choice("apart", "how far one is above the other in the key", Apart.class, Stack::apart, (step, apart) -> new Stack(step.chord, step.notes,
                    apart, step.noteIs, step.inversion, step.drop, step.spread, step.velocity)).worded("In")
            .usedWhen("with chord=in-key", step -> step.chord instanceof StackChord.InKey)
            .with("note-is", "which member of the chord the note is", SettingType.written("root, bass, top, or member:2", "root", "bass", "top", "member:2",
                    "member:3"), (step, texts) -> step.noteIs.text(), (step, text, texts) -> new Stack(step.chord, step.notes, step.apart,
                            NoteIs.parse(text), step.inversion, step.drop, step.spread, step.velocity))
            .worded("The note is", "the root", "the lowest", "the highest", "2nd from the root", "3rd from the root")
            .usedWhen("without chord=bank", step -> !(step.chord instanceof StackChord.Bank))
            .whole("inversion", "how often the lowest goes up an octave", 0, 6, Stack::inversion, (step, inversion) -> new Stack(step.chord, step.notes,
                    step.apart, step.noteIs, inversion, step.drop, step.spread, step.velocity))
            .with("drop", "which voices from the top go down an octave", SettingType.written("none, 2, 3 or 2+4", "none", "2", "3", "2+4"),
                    (step, texts) -> step.drop.text(), (step, text, texts) -> new Stack(step.chord, step.notes, step.apart, step.noteIs, step.inversion,
                            Drop.parse(text), step.spread, step.velocity))
            .worded("Drop", "none", "the 2nd", "the 3rd", "the 2nd and 4th")
            .flag("spread", "over two hands", Stack::spread, (step, spread) -> new Stack(step.chord, step.notes, step.apart, step.noteIs, step.inversion,
                    step.drop, spread, step.velocity))
            .worded("Over two hands")
            .percent("velocity", "how loud the added notes are", 1, 200, Stack::velocity, (step, velocity) -> new Stack(step.chord, step.notes, step.apart,
                    step.noteIs, step.inversion, step.drop, step.spread, velocity))
            .worded("Added notes")
            .example("notes: C4:4 D4:4", "step: stack chord=in-key notes=3", "becomes: [C4 E4 G4]:4 [D4 F4 A4]:4");

    public Stack {
        NOTES.check(notes);
        INVERSION.check(inversion);
        VELOCITY.check(velocity);
    }

    @Override
    public boolean asksForSong() {
        return chord instanceof StackChord.Bank;
    }

    @Override
    public Step checkedFor(ChordBank bank) {
        if (chord instanceof StackChord.Bank && bank.isEmpty()) {
            throw new MusicTextException(Texts.say("chord=bank asks for chords on keys, which this song has none of; a project keeps them"));
        }
        return this;
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        new StackWriter(this, around, work).write(in);
        return work.outcome();
    }
}
