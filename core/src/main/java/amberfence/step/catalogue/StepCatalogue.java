package amberfence.step.catalogue;

import amberfence.step.ChordSource;
import amberfence.step.Step;
import amberfence.step.StepKind;
import amberfence.step.StepKind.SettingInfo;
import amberfence.step.chord.PlayChords;
import amberfence.step.chord.Rhythm;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.MoveTo;
import amberfence.step.fence.Ties;
import amberfence.step.fit.Count;
import amberfence.step.fit.FitBass;
import amberfence.step.fit.FitChords;
import amberfence.step.fit.FitMelody;
import amberfence.step.fit.FollowChords;
import amberfence.step.fit.Harmony;
import amberfence.step.fit.Held;
import amberfence.step.move.Fold;
import amberfence.step.move.Mirror;
import amberfence.step.move.Move;
import amberfence.step.move.MoveToKey;
import amberfence.step.move.Reverse;
import amberfence.step.shape.Lengths;
import amberfence.step.shape.TidyTiming;
import java.util.Arrays;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;

/** Every kind of step, in the order of the work. */
public final class StepCatalogue {
    private static final String MOVE = "Pitch";
    private static final String TIME = "Time";
    private static final String CHORDS = "Chords";
    private static final SettingInfo SOURCE = new SettingInfo("source", "the part that the chords come from, −1 for the "
            + "progression, and what counts where there is no chord: the last one holds, the scale, or notes are left alone",
            names(ChordSource.Gaps.values()));
    private static final List<StepKind> ALL = List.of(
            new StepKind("bringInside", "Bring inside", "Fence",
                    "Moves notes that are outside the fence to inside ones, or leaves them out.",
                    List.of(new SettingInfo("moveTo", "where an outside note goes",
                                    names(MoveTo.values())),
                            new SettingInfo("ties", "what decides when two inside notes are equally near",
                                    names(Ties.values())),
                            new SettingInfo("letPass", "short outside notes off the beat that stay: passing notes, "
                                    + "neighbours, approaches, and the longest that counts as short (8 for an eighth)",
                                    List.of()),
                            new SettingInfo("strongChords", "on strong beats only notes of the chord are inside", List.of())),
                    BringInside.USUAL),
            new StepKind("move", "Move", MOVE,
                    "Moves notes by semitones, octaves or degrees of the scale.",
                    List.of(new SettingInfo("by", "what the amount counts", names(Move.Unit.values())),
                            new SettingInfo("amount", "how far, upward positive", List.of())),
                    Move.USUAL),
            new StepKind("moveToKey", "Move to another key", MOVE,
                    "Carries notes over to another key, degree by degree.",
                    List.of(new SettingInfo("from", "the key to come from; left out for the song's own", List.of()),
                            new SettingInfo("to", "the key to go to", List.of()),
                            new SettingInfo("way", "which way the tonic moves", names(MoveToKey.Way.values()))),
                    MoveToKey.USUAL),
            new StepKind("mirror", "Mirror", MOVE,
                    "Turns a line upside down about a note, exactly or by degrees.",
                    List.of(new SettingInfo("axis", "the MIDI pitch that stays", List.of()),
                            new SettingInfo("byDegrees", "along the scale instead of by semitones", List.of())),
                    Mirror.USUAL),
            new StepKind("reverse", "Reverse", MOVE,
                    "Turns a line round: its pitches over the same rhythm, or all of it in time.",
                    List.of(new SettingInfo("what", "what is turned round", names(Reverse.What.values()))),
                    Reverse.USUAL),
            new StepKind("fold", "Fold into a range", MOVE,
                    "Brings notes into a range by whole octaves.",
                    List.of(new SettingInfo("lowest", "lowest MIDI pitch", List.of()),
                            new SettingInfo("highest", "highest MIDI pitch, at least an octave of twelve notes", List.of())),
                    Fold.USUAL),
            new StepKind("playChords", "Play chords", CHORDS,
                    "Plays the progression in a rhythm; it follows the chords until the part is settled.",
                    List.of(new SettingInfo("rhythm", "when the chords sound", names(Rhythm.values())),
                            new SettingInfo("pattern", "for an own rhythm: x sounds, - holds, . rests, on the grid", List.of()),
                            new SettingInfo("grid", "the note value of the pattern's signs", List.of()),
                            new SettingInfo("share", "how much of its time each note sounds, in percent", List.of()),
                            new SettingInfo("velocity", "1 to 127", List.of())),
                    PlayChords.USUAL),
            new StepKind("fitChords", "Fit chords", CHORDS,
                    "Moves a chord part onto the progression, by time and with the least motion.",
                    List.of(SOURCE, new SettingInfo("bass", "the lowest note takes the chord's own bass", List.of()),
                            new SettingInfo("held", "what becomes of a note held into the next chord: kept, struck again, or cut "
                                    + "where it must move", names(Held.values()))),
                    FitChords.USUAL),
            new StepKind("fitBass", "Fit bass", CHORDS,
                    "Fits a bassline to the chords and gives it variety; its rhythm stays.",
                    List.of(SOURCE, new SettingInfo("strong", "where strong beats go", names(FitBass.Strong.values())),
                            new SettingInfo("between", "what may stand between, beside chord notes: notes of the scale, steps and "
                                    + "semitones into the next strong note", List.of()),
                            new SettingInfo("variety", "0 as near as can be to 100 moving most", List.of()),
                            new SettingInfo("lowest", "lowest MIDI pitch", List.of()),
                            new SettingInfo("highest", "highest MIDI pitch, at least an octave of twelve notes", List.of()),
                            new SettingInfo("seed", "another number gives another line", List.of())),
                    FitBass.USUAL),
            new StepKind("fitMelody", "Fit melody", CHORDS,
                    "Strong beats to chord notes and the rest inside; or lists what clashes, with ways to resolve each.",
                    List.of(SOURCE, new SettingInfo("mode", "whether the line is fitted, or only clashes are shown",
                                    names(FitMelody.Mode.values())),
                            new SettingInfo("ways", "how single clashes are resolved: note and up or down", List.of())),
                    FitMelody.USUAL),
            new StepKind("followChords", "Follow chords", CHORDS,
                    "Plays a short figure through the chords, by their members or by position.",
                    List.of(SOURCE, new SettingInfo("figure", "a figure that was drawn or taken from notes", List.of()),
                            new SettingInfo("bars", "how many bars of the part are the figure; 0 for all of it, once", List.of()),
                            new SettingInfo("home", "the chord over which the part was written; left out for what sounds there",
                                    List.of()),
                            new SettingInfo("count", "how notes are numbered", names(Count.values())),
                            new SettingInfo("register", "in which octave it sounds", names(FollowChords.Register.values())),
                            new SettingInfo("restart", "where it begins anew", names(FollowChords.Restart.values())),
                            new SettingInfo("repeat", "whether it goes on to fill the chords", List.of()),
                            new SettingInfo("instead", "a figure of its own stands in place of the part's notes", List.of())),
                    FollowChords.USUAL),
            new StepKind("harmony", "Harmony", CHORDS,
                    "Adds lines above or below: in the scale, exact, or to the chord.",
                    List.of(new SettingInfo("way", "what the distance keeps to", names(Harmony.Way.values())),
                            new SettingInfo("lines", "each with the number of its interval (3 a third) and its side", List.of()),
                            SOURCE, new SettingInfo("instead", "the lines stand in place of the tune", List.of()),
                            new SettingInfo("noCrossing", "no line crosses the tune", List.of()),
                            new SettingInfo("holdCommon", "to the chord, common notes are held", List.of())),
                    Harmony.USUAL),
            new StepKind("tidyTiming", "Tidy timing", TIME,
                    "Draws starts and ends to a grid, all the way or in part, with swing if you like.",
                    List.of(new SettingInfo("grid", "the note value, as in 1/16, 1/8. or 1/8t", List.of()),
                            new SettingInfo("ends", "which ends of the notes", names(TidyTiming.Ends.values())),
                            new SettingInfo("strength", "how far, in percent", List.of()),
                            new SettingInfo("swing", "where every second line stands, 50 to 80 percent", List.of())),
                    TidyTiming.USUAL),
            new StepKind("lengths", "Lengths", TIME,
                    "Makes notes longer or shorter: legato, staccato, by a share; trims overlaps and closes gaps.",
                    List.of(new SettingInfo("how", "which lengths", names(Lengths.How.values())),
                            new SettingInfo("amount", "percent, ticks or the tick of the end, as the way asks", List.of())),
                    Lengths.USUAL));

    private StepCatalogue() {
    }

    private static List<String> names(Enum<?>[] choices) {
        return Arrays.stream(choices).map(Enum::name).toList();
    }

    public static List<StepKind> all() {
        return ALL;
    }

    /** The kind of an identity, as files and the command line know it. */
    public static Optional<StepKind> find(String id) {
        return ALL.stream().filter(kind -> kind.id().equals(id)).findFirst();
    }

    /** The kind that a step is of. */
    public static StepKind kindOf(Step step) {
        return ALL.stream().filter(kind -> kind.usual().getClass() == step.getClass()).findFirst()
                .orElseThrow(() -> new NoSuchElementException(step.getClass() + " is missing from the step catalogue"));
    }
}
