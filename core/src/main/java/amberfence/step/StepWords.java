package amberfence.step;

import amberfence.step.Reason.LengthCause;
import amberfence.step.Reason.ShapeLoss;
import amberfence.theory.Spelling;
import java.util.Map;
import java.util.function.IntFunction;

/** Makes the sentences for reasons and findings, in one place. Pitches are named by the function that is given. */
public final class StepWords {
    private static final Map<ShapeLoss, String> LOSSES = Map.of(
            ShapeLoss.REPEATS, "keeps the step; %s would repeat its neighbour",
            ShapeLoss.SPLITS, "keeps the repeat; %s would break away from it",
            ShapeLoss.TURNS, "keeps the direction; %s would turn the line");
    private static final Map<LengthCause, String> LENGTHS = Map.of(
            LengthCause.TO_NEXT, "up to the next note", LengthCause.STACCATO, "short before the next note",
            LengthCause.SHARE, "a share of its length", LengthCause.OFFSET, "by an offset",
            LengthCause.OVERLAP, "overlap with the next note trimmed", LengthCause.GAP, "small gap closed",
            LengthCause.FILL, "stretched with the others");

    private final IntFunction<String> names;

    /** @param names the name of a MIDI pitch, for example "F♯4" */
    public StepWords(IntFunction<String> names) {
        this.names = names;
    }

    /** Pitches are named as in a key. */
    public static StepWords of(Spelling spelling) {
        return new StepWords(pitch -> spelling.pitch(pitch).text());
    }

    /** Why, as a short sentence without a full stop. */
    public String sentence(Reason reason) {
        if (reason instanceof Reason.Nearest r) {
            return name(r.chosen()) + " is nearer than " + name(r.other());
        } else if (reason instanceof Reason.AsDirected r) {
            return "the next note inside, " + (r.up() ? "going up" : "going down");
        } else if (reason instanceof Reason.TieDirected r) {
            return pair(r.chosen(), r.other()) + " equally near; " + (r.chosen() < r.other() ? "down" : "up") + " decides";
        } else if (reason instanceof Reason.TieChordNote r) {
            return name(r.chosen()) + " is in the chord, " + name(r.other()) + " is not; both equally near";
        } else if (reason instanceof Reason.KeptShape r) {
            return LOSSES.get(r.loss()).formatted(name(r.other()));
        } else if (reason instanceof Reason.SmallerLeap r) {
            return "smaller leap to " + name(r.neighbour()) + "; either keeps the shape";
        } else if (reason instanceof Reason.AvoidedUnison r) {
            return name(r.other()) + " already sounds at that time";
        } else if (reason instanceof Reason.WholeLine r) {
            return "the whole line keeps its shape better than with " + name(r.other());
        } else if (reason instanceof Reason.TieDown r) {
            return pair(r.chosen(), r.other()) + " equally near, the line alike: the lower";
        } else if (reason instanceof Reason.OnlyCandidate r) {
            return "the only note inside on this side of the range";
        } else if (reason instanceof Reason.LeftOut) {
            return "outside notes are left out";
        } else if (reason instanceof Reason.LeftByHand) {
            return "left alone by hand";
        } else if (reason instanceof Reason.Passing r) {
            return "let pass: a passing note from " + name(r.before()) + " to " + name(r.after());
        } else if (reason instanceof Reason.Neighbour r) {
            return "let pass: a neighbour note of " + name(r.around());
        } else if (reason instanceof Reason.Approach r) {
            return "let pass: leads by a semitone to " + name(r.target()) + " of the chord";
        }
        return ofMovement(reason);
    }

    private String ofMovement(Reason reason) {
        if (reason instanceof Reason.BySemitones r) {
            return amount(r.semitones(), "semitone");
        } else if (reason instanceof Reason.ByOctaves r) {
            return amount(r.octaves(), "octave");
        } else if (reason instanceof Reason.ByDegrees r) {
            return amount(r.places(), "degree") + ": " + r.from() + " becomes " + r.to();
        } else if (reason instanceof Reason.SameDegree r) {
            return r.from() + " of " + r.fromKey() + " becomes " + r.to() + " of " + r.toKey();
        } else if (reason instanceof Reason.Mirrored r) {
            return "mirrored about " + name(r.axis());
        } else if (reason instanceof Reason.Reversed) {
            return "the pitches in reverse over the same rhythm";
        } else if (reason instanceof Reason.ReversedInTime) {
            return "the line in reverse, from its end";
        } else if (reason instanceof Reason.Folded r) {
            return amount(r.octaves(), "octave") + ", into the range";
        } else if (reason instanceof Reason.OnGrid r) {
            return "on " + r.grid() + ": " + moved("start", r.start()) + (r.start() != 0 && r.end() != 0 ? ", " : "")
                    + moved("end", r.end());
        } else if (reason instanceof Reason.LengthChanged r) {
            return LENGTHS.get(r.cause()) + ", " + ticks(Math.abs(r.ticks())) + (r.ticks() > 0 ? " longer" : " shorter");
        }
        if (reason instanceof Reason.NearestChordNote r) {
            return "the nearest note of the chord, " + r.line() + " or farther";
        }
        if (reason instanceof Reason.FromChord r) {
            return "the " + r.member() + " of " + r.chord();
        }
        return ofFitting(reason);
    }

    private String ofFitting(Reason reason) {
        if (reason instanceof Reason.ScaleWithoutChord r) {
            return "no chord holds here; " + name(r.chosen()) + " is the nearest note of the scale";
        } else if (reason instanceof Reason.NoChordHere) {
            return "left alone: no chord holds here";
        } else if (reason instanceof Reason.CutAtChord r) {
            return "the " + r.member() + " of " + r.chord() + ", cut where " + r.next() + " begins";
        } else if (reason instanceof Reason.OnStrongBeat r) {
            return "on a strong beat: the " + r.member() + " of " + r.chord();
        } else if (reason instanceof Reason.Clashing r) {
            return "clashes with " + r.chord() + ": " + (r.member().isEmpty() ? "none of its notes, on a strong beat"
                    : "a semitone above its " + r.member());
        } else if (reason instanceof Reason.BetweenChordNotes) {
            return "a note of the scale, between chord notes";
        } else if (reason instanceof Reason.LeadsTo r) {
            return "leads " + (r.bySemitone() ? "by a semitone" : "by step") + " to " + name(r.target());
        } else if (reason instanceof Reason.SameMember r) {
            return r.from().equals(r.to()) ? "the " + r.member() + " of " + r.to()
                    : "the " + r.member() + ", of " + r.to() + " instead of " + r.from();
        } else if (reason instanceof Reason.BesideMember r) {
            return beside(r) + " the " + r.member() + " of " + r.chord();
        } else if (reason instanceof Reason.CommonNote r) {
            return name(r.held()) + " is held: the chord has it too";
        } else if (reason instanceof Reason.NotCrossing r) {
            return r.line() + ", " + amount(r.octaves(), "octave") + " so as not to cross the tune";
        } else if (reason instanceof Reason.FigureInstead) {
            return "the repeated figure stands in its place";
        }
        throw new IllegalStateException("no words for " + reason);
    }

    private static String amount(int count, String unit) {
        return (count < 0 ? "down " : "up ") + (Math.abs(count) == 1 ? (unit.startsWith("o") ? "an " : "a ") + unit
                : Math.abs(count) + " " + unit + "s");
    }

    private static String moved(String what, long by) {
        return by == 0 ? "" : what + " " + ticks(Math.abs(by)) + (by > 0 ? " later" : " earlier");
    }

    private static String beside(Reason.BesideMember r) {
        String steps = r.steps() == 0 ? "" : count(Math.abs(r.steps()), "scale step", "scale steps");
        String altered = r.alteration() == 0 ? "" : count(Math.abs(r.alteration()), "semitone", "semitones");
        String way = (r.steps() == 0 ? r.alteration() : r.steps()) > 0 ? " above" : " below";
        return steps.isEmpty() ? altered + way : steps + (altered.isEmpty() ? "" : r.alteration() > 0 ? " and a sharp" : " and a flat") + way;
    }

    private static String count(int count, String one, String many) {
        return count + " " + (count == 1 ? one : many);
    }

    private static String ticks(long count) {
        return count == 1 ? "1 tick" : count + " ticks";
    }

    /** What could not be done well, and a way out. */
    public String sentence(Finding finding) {
        if (finding instanceof Finding.StepLost f) {
            return "a step lost: " + name(f.before().pitch()) + " now repeats, as no inside note lies between; "
                    + "leave one of the two alone, or allow its pitch";
        } else if (finding instanceof Finding.Unison f) {
            return name(f.first().pitch()) + " sounds twice at once; leave one of the two where it was, or move one";
        } else if (finding instanceof Finding.EndOfRange f) {
            return "no inside note lies on that side of " + name(f.atEnd().pitch()) + "; the other side is taken";
        } else if (finding instanceof Finding.NoChords) {
            return "no other part plays chords; the line's shape decides instead. Give a part the role of chords";
        } else if (finding instanceof Finding.Drums f) {
            return f.notes() + " drum notes are left alone: they name instruments, not pitches. Change the part's role "
                    + "if it is no drum part";
        } else if (finding instanceof Finding.NothingPicked) {
            return "the pick to which this step is limited finds no note; change the pick, or let the step work on all notes";
        } else if (finding instanceof Finding.NoRoom f) {
            return f.notes() + (f.notes() == 1 ? " note" : " notes") + " would leave the range of MIDI (0 to 127), so nothing "
                    + "is moved; move less far, or limit the step to other notes";
        } else if (finding instanceof Finding.OctaveBack f) {
            return "the pitch wanted for " + name(f.before().pitch()) + " is outside MIDI; " + name(f.taken())
                    + ", the same note in the nearest octave, is taken";
        }
        if (finding instanceof Finding.NoProgression) {
            return "the song has no chords yet; put some on the progression strip, or read them from a part";
        }
        if (finding instanceof Finding.NoChordsInPart) {
            return "the part from which the chords are to come plays none; choose another, or the progression";
        } else if (finding instanceof Finding.NoChordThere f) {
            return count(f.notes(), "note lies", "notes lie") + " where there is no chord; " + (f.scaleCounts()
                    ? "only the scale counts there" : "left alone. Let the last chord hold, or the scale count, to change that");
        } else if (finding instanceof Finding.Crowded f) {
            return f.notes() + " notes at once find no room side by side on the chord; each goes to its nearest";
        }
        return ofFigures(finding);
    }

    private static String ofFigures(Finding finding) {
        if (finding instanceof Finding.ListensInCircle f) {
            return f.parts() < 2 ? "the part listens to itself, and hears its notes before any step" : f.parts()
                    + " parts listen to each other in a circle; where it closes, notes before any step are heard";
        } else if (finding instanceof Finding.Unread f) {
            return f.why() + "; the notes pass, and the step is kept as it is";
        } else if (finding instanceof Finding.TooMuch) {
            return "this would make more notes than a part can hold, so nothing is done; shorten the chords, or choose a longer rate";
        } else if (finding instanceof Finding.Failed) {
            return "this step broke off with these settings, so nothing is done; change them, or switch it off";
        } else if (finding instanceof Finding.NothingBetween f) {
            return "all " + count(f.notes(), "note is", "notes are") + " on strong beats or the first under a chord, so that there is "
                    + "no room for variety; cut long notes first";
        } else if (finding instanceof Finding.NoFigure) {
            return "there is no figure yet: draw one in the grid, take one from selected notes, or choose a part with notes";
        } else if (finding instanceof Finding.FigureAtHome) {
            return "every note is numbered against the chord that sounds there, so nothing moves; name the chord over which they "
                    + "were written, or let the first bars be the figure";
        } else if (finding instanceof Finding.FigureCut f) {
            return "the figure is longer than " + count(f.chords(), "chord", "chords") + ", under which " + count(f.notes(),
                    "of its notes is", "of its notes are") + " not reached; let it go on over the changes of chord to hear all";
        }
        throw new IllegalStateException("no words for " + finding);
    }

    private String name(int pitch) {
        return names.apply(pitch);
    }

    private String pair(int a, int b) {
        return name(Math.min(a, b)) + " and " + name(Math.max(a, b)) + " are";
    }
}
