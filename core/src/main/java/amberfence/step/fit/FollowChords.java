package amberfence.step.fit;

import static java.util.Map.entry;

import amberfence.notes.Line;
import amberfence.step.ChordSource;
import amberfence.step.Outcome;
import amberfence.step.SettingType;
import amberfence.step.SettingValues;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.theory.Range;
import amberfence.words.Texts;

/**
 * Plays a short figure through the chords: its notes are numbered against the chord over which it was written, and under
 * another chord the same members or positions sound. What is no chord note keeps its scale steps from the nearest one, so
 * that nothing is lost.
 *
 * @param figure what is played; {@link Figure#OWN_NOTES} for the part's own notes
 * @param bars how many bars of the part's own notes are the figure; 0 for the whole line, played once
 * @param home symbol of the chord over which the part's own notes were written; empty for those that sound there
 * @param repeat whether the figure goes on to the end of the chords
 * @param instead whether a figure of its own stands in place of the part's notes under the chords, else beside them
 */
public record FollowChords(ChordSource source, Figure figure, int bars, String home, Count count, Register register,
                           Restart restart, boolean repeat, boolean instead) implements FitStep {
    private static final Range BARS = new Range(Texts.text("bars of a figure"), 0, 64);

    /** In which octave the figure sounds under a chord. */
    public enum Register {
        /** As near to where it was written as whole octaves allow. */
        NEAR,
        /** With the root, which lies at or above that of the chord over which it was written. */
        CLIMBING
    }

    /** Where the figure begins anew. */
    public enum Restart {
        NOT, CHORD, BAR
    }

    /** The first bar of the part is the figure, and goes on over the chords. */
    public static final FollowChords USUAL = new FollowChords(ChordSource.USUAL, Figure.OWN_NOTES, 1, "", Count.MEMBER,
            Register.NEAR, Restart.NOT, true, true);
    public static final StepSchema<FollowChords> SCHEMA = FitStep.chords(StepSchema.of("follow-chords", "Follow chords", StepGroup.CHORDS,
            "Plays a short figure through the chords, by their members or by position.", USUAL).touching(Touch.PITCH, Touch.COUNT))
            .with("figure", "what is played: the first bars of the part, all of it once, or a figure that was drawn", SettingType.Kind.FIGURE,
                    FigureText::of, FigureText::read)
            .with("home", "the chord over which the part was written, or own for those that sound there", SettingType.written(Texts.text("own, or a chord as in Am7")),
                    (step, texts) -> step.home.isEmpty() ? "own" : step.home, (step, text, texts) -> step.withHome(
                    text.strip().equals("own") ? "" : text)).worded("Written over").usedWhen("with the part's own notes", step -> step.figure.isOwnNotes())
            .choice("count", "how notes are numbered", Count.class, FollowChords::count, FollowChords::withCount)
            .worded("Counted by", "members: root, third …", "positions: lowest, second …")
            .choice("register", "in which octave it sounds", Register.class, FollowChords::register, FollowChords::withRegister)
            .worded("Register", "near where it was", "climbing with the root")
            .choice("restart", "where it begins anew", SettingValues.words(entry("on", Restart.NOT), entry("chord", Restart.CHORD), entry("bar", Restart.BAR)),
                    FollowChords::restart, FollowChords::withRestart)
            .worded("Begins anew", "not: goes on", "at each chord", "at each bar").usedWhen("unless figure=whole", FollowChords::repeats)
            .flag("fill", "it goes on to the end of the chords", FollowChords::repeat, FollowChords::withRepeat)
            .worded("Fill the chords").usedWhen("unless figure=whole", FollowChords::repeats)
            .flag("instead", "a drawn figure stands in place of the part's notes", FollowChords::instead, FollowChords::withInstead)
            .worded("Instead of notes").usedWhen("with a drawn figure", step -> !step.figure.isOwnNotes())
            .example("notes: C4 E4 G4 E4 C4 E4 G4 E4", "chords: | C | F |", "role: figure", "step: follow-chords figure=first:1bars", "becomes: C4 E4 G4 E4 C4 E4 G4 E4 F4 A4 C5 A4 F4 A4 C5 A4");

    /** Whether the figure is played again and again: the whole part sounds once. */
    boolean repeats() {
        return !figure.isOwnNotes() || bars > 0;
    }

    public FollowChords {
        source = source == null ? ChordSource.USUAL : source;
        figure = figure == null ? Figure.OWN_NOTES : figure;
        home = home == null ? "" : home.strip();
        BARS.check(bars);
        // A figure that was drawn says by itself how long it is.
        bars = figure.isOwnNotes() ? bars : 1;
        Figure.checkHome(home);
    }

    @Override
    public FollowChords withSource(ChordSource newSource) {
        return new FollowChords(newSource, figure, bars, home, count, register, restart, repeat, instead);
    }

    public FollowChords withFigure(Figure newFigure) {
        return new FollowChords(source, newFigure, bars, home, count, register, restart, repeat, instead);
    }

    public FollowChords withBars(int newBars) {
        return new FollowChords(source, figure, newBars, home, count, register, restart, repeat, instead);
    }

    public FollowChords withHome(String newHome) {
        return new FollowChords(source, figure, bars, newHome, count, register, restart, repeat, instead);
    }

    public FollowChords withCount(Count newCount) {
        return new FollowChords(source, figure, bars, home, newCount, register, restart, repeat, instead);
    }

    public FollowChords withRegister(Register newRegister) {
        return new FollowChords(source, figure, bars, home, count, newRegister, restart, repeat, instead);
    }

    public FollowChords withRestart(Restart newRestart) {
        return new FollowChords(source, figure, bars, home, count, register, newRestart, repeat, instead);
    }

    public FollowChords withRepeat(boolean newRepeat) {
        return new FollowChords(source, figure, bars, home, count, register, restart, newRepeat, instead);
    }

    public FollowChords withInstead(boolean newInstead) {
        return new FollowChords(source, figure, bars, home, count, register, restart, repeat, newInstead);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        return underChords(in, around, (ruling, work) -> {
            if (figure.isOwnNotes() ? in.isEmpty() : figure.isEmpty()) {
                work.find(new FitFinding.NoFigure());
                in.notes().forEach(work::keep);
            } else {
                new FigurePlayer(this, in, around, ruling, work).play();
            }
        });
    }
}
