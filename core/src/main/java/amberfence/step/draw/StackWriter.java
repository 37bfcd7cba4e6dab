package amberfence.step.draw;

import amberfence.notes.ChordBank;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.Accents;
import amberfence.step.NoteCount;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.step.move.KeyLadders;
import amberfence.theory.ChordTone;
import amberfence.theory.KeyLadder;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Puts a chord on each note. Distances are places in the key, or semitones for a kind of chord. */
final class StackWriter {
    private static final int FIFTH = 5;
    private final Stack step;
    private final Surroundings around;
    private final Work work;
    private final Making making;
    private final KeyLadders ladders;
    /** The members above the named one, by how many places an octave has. */
    private final Map<Integer, List<Integer>> known = new HashMap<>();
    private boolean nothingToDrop;
    private final NoteCount withoutDrop = new NoteCount();
    private final NoteCount inward = new NoteCount();
    private final NoteCount leftOut = new NoteCount();

    StackWriter(Stack step, Surroundings around, Work work) {
        this.step = step;
        this.around = around;
        this.work = work;
        this.making = new Making(around, work);
        this.ladders = new KeyLadders(around.fence());
    }

    void write(Line in) {
        List<Note> notes = making.free(in);
        if (step.chord() instanceof StackChord.Bank) {
            fromBank(notes, around.bank());
        } else {
            notes.forEach(this::stack);
        }
        work.find(withoutDrop, DrawFinding.NothingToDrop::new);
        work.find(inward, DrawFinding.Inward::new);
        work.find(leftOut, DrawFinding.LeftOut::new);
        making.write();
    }

    /** A key that has a chord sounds it instead of its own note; the others stay. */
    private void fromBank(List<Note> notes, ChordBank bank) {
        if (bank.isEmpty()) {
            work.find(new DrawFinding.NoBank());
        }
        for (Note note : notes) {
            List<Integer> pitches = turned(bank.on(note.pitch()), PitchClass.COUNT, -1);
            if (pitches.isEmpty()) {
                making.keep(note);
            } else {
                making.replace(note, new DrawReason.Replaced());
                add(note, pitches);
            }
        }
    }

    private void stack(Note note) {
        making.keep(note);
        List<Integer> pitches = new ArrayList<>();
        if (step.chord() instanceof StackChord.Kind kind) {
            List<ChordTone> tones = kind.kind().tones();
            int fifth = tones.indexOf(kind.kind().tone(FIFTH).orElse(null));
            above(PitchClass.COUNT, close(tones.stream().map(ChordTone::semitones).toList()), fifth).forEach(distance -> pitches.add(note.pitch() + distance));
        } else {
            KeyLadder ladder = ladders.at(note);
            List<Integer> degrees = new ArrayList<>();
            for (int i = 0; i < step.notes(); i++) {
                degrees.add(i * step.apart().degrees());
            }
            int fifth = degrees.indexOf(FIFTH - 1);
            above(ladder.size(), degrees, fifth).forEach(distance -> pitches.add(ladder.moved(note.pitch(), distance)));
        }
        if (nothingToDrop) {
            withoutDrop.add(note);
        }
        add(note, pitches);
    }

    /** Members one above the other from the root. */
    private static List<Integer> close(List<Integer> semitones) {
        List<Integer> rising = new ArrayList<>();
        for (int tone : semitones) {
            int at = tone;
            while (!rising.isEmpty() && at <= rising.get(rising.size() - 1)) {
                at += PitchClass.COUNT;
            }
            rising.add(at);
        }
        return rising;
    }

    private void add(Note note, List<Integer> pitches) {
        Set<Integer> there = new HashSet<>(step.chord() instanceof StackChord.Bank ? List.of() : List.of(note.pitch()));
        int member = 0;
        for (int wanted : pitches) {
            member++;
            int pitch = wanted < Range.PITCH.lowest() ? wanted + PitchClass.COUNT : wanted > Range.PITCH.highest() ? wanted - PitchClass.COUNT : wanted;
            boolean moved = pitch != wanted;
            if (!there.add(pitch) || !Range.PITCH.contains(pitch)) {
                if (moved) {
                    leftOut.add(note);
                }
                continue;
            }
            if (moved) {
                inward.add(note.withPitch(pitch));
            }
            making.make(note, note.withPitch(pitch).withVelocity(Accents.of(note.velocity(), step.velocity())),
                    new DrawReason.Stacked(step.chord().text(), member));
        }
    }

    /** How far the members of the finished chord are from the named one, from low to high. */
    private List<Integer> above(int octave, List<Integer> members, int fifth) {
        return known.computeIfAbsent(octave, size -> {
            List<Integer> turned = turned(members, size, fifth);
            // A member may be in another octave than it was; its place within the octave tells it.
            int named = switch (step.noteIs().place()) {
                case BASS -> turned.get(0);
                case TOP -> turned.get(turned.size() - 1);
                case ROOT -> placed(members.get(0), turned, size);
                case MEMBER -> placed(members.get(Math.min(step.noteIs().member(), members.size()) - 1), turned, size);
            };
            return turned.stream().map(member -> member - named).toList();
        });
    }

    private static int placed(int member, List<Integer> turned, int octave) {
        return turned.stream().filter(some -> Math.floorMod(some - member, octave) == 0).findFirst().orElse(turned.get(0));
    }

    /** Turned, dropped, and spread over two hands, from low to high. */
    private List<Integer> turned(List<Integer> members, int octave, int fifth) {
        List<Integer> voices = new ArrayList<>(members);
        if (voices.isEmpty()) {
            return voices;
        }
        int low = fifth >= 0 && fifth < voices.size() ? voices.get(fifth) : voices.get(0);
        for (int i = 0; i < step.inversion(); i++) {
            int lowest = Collections.min(voices);
            int highest = Collections.max(voices);
            int up = lowest + octave;
            while (up <= highest && voices.size() > 1) {
                up += octave;
            }
            voices.set(voices.indexOf(lowest), up);
        }
        Collections.sort(voices);
        List<Integer> fromTop = new ArrayList<>(voices);
        Collections.reverse(fromTop);
        nothingToDrop = step.drop().voices().stream().anyMatch(voice -> voice > fromTop.size());
        if (!nothingToDrop) {
            step.drop().voices().forEach(voice -> fromTop.set(voice - 1, fromTop.get(voice - 1) - octave));
        }
        Collections.sort(fromTop);
        if (step.spread()) {
            int bass = fromTop.get(0);
            fromTop.replaceAll(voice -> voice == bass || Math.floorMod(voice - low, octave) == 0 ? voice : voice + octave);
            Collections.sort(fromTop);
        }
        return fromTop;
    }
}
