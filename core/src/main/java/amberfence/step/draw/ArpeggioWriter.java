package amberfence.step.draw;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.Strokes;
import amberfence.step.Dice;
import amberfence.step.NoteCount;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.step.move.KeyLadders;
import amberfence.theory.Octaves;
import amberfence.theory.PitchClass;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Writes the notes of an arpeggio in the place of the chords. */
final class ArpeggioWriter {
    /** One note of the chord as it is laid out: whose it is, and how many octaves higher. */
    private record Tone(Note source, int octaves) {
        int pitch() {
            return Octaves.within(wanted());
        }

        /** Whether it would have been past the end of MIDI. */
        boolean isInward() {
            return pitch() != wanted();
        }

        private int wanted() {
            return source.pitch() + PitchClass.COUNT * octaves;
        }
    }

    private final Arpeggio step;
    private final Surroundings around;
    private final Work work;
    private final Making making;
    private final KeyLadders ladders;
    /** Notes made since the figure began. */
    private long counter;
    private int bar = -1;
    private int last = -1;
    private final NoteCount inward = new NoteCount();

    ArpeggioWriter(Arpeggio step, Surroundings around, Work work) {
        this.step = step;
        this.around = around;
        this.work = work;
        this.making = new Making(around, work);
        this.ladders = new KeyLadders(around.fence());
    }

    void write(Line in) {
        List<List<Note>> groups = Strokes.of(making.free(in), around.time());
        List<Note> held = new ArrayList<>();
        NoteCount tooShort = new NoteCount();
        for (int i = 0; i < groups.size(); i++) {
            List<Note> group = groups.get(i);
            long start = group.get(0).start();
            held.removeIf(note -> note.end() <= start);
            List<Note> members = new ArrayList<>(held);
            members.sort(Comparator.comparingInt(Note::pitch));
            members.addAll(group);
            long last = members.stream().mapToLong(Note::end).max().orElseThrow();
            long end = i + 1 < groups.size() ? Math.min(last, groups.get(i + 1).get(0).start()) : last;
            if (members.size() == 1 && step.single() == Arpeggio.Single.KEEP) {
                making.keep(group.get(0));
                continue;
            }
            if (end - start < step.sound().rate().ticks(around.time().ticksPerQuarter())) {
                tooShort.add(lowestStays(group));
                continue;
            }
            group.forEach(note -> making.replace(note, new DrawReason.Broken()));
            play(members, held.size(), start, end);
            if (step.held()) {
                held.addAll(group);
            }
        }
        work.find(tooShort, DrawFinding.TooShort::new);
        work.find(inward, DrawFinding.Inward::new);
        making.write();
    }

    private Note lowestStays(List<Note> group) {
        Note lowest = group.stream().min(Comparator.comparingInt(Note::pitch)).orElseThrow();
        for (Note note : group) {
            if (note.equals(lowest)) {
                making.keep(note, new DrawReason.NoRoomForOne(true));
            } else {
                making.replace(note, new DrawReason.NoRoomForOne(false));
            }
        }
        return lowest;
    }

    /** @param held how many of the members, from the first, sound on from before */
    private void play(List<Note> members, int held, long start, long end) {
        Cells cells = new Cells(around.time(), step.sound().rate(), step.sound().swing(), start);
        if (step.begins() == Arpeggio.Begins.GROUP) {
            counter = 0;
        }
        List<Tone> tones = List.of();
        int sounding = -1;
        int number = 0;
        for (long at = start; at < end;) {
            work.turn();
            long moment = at;
            int still = (int) members.subList(0, held).stream().filter(note -> note.end() > moment).count();
            if (still != sounding) {
                sounding = still;
                tones = tones(members, held, moment);
            }
            int now = around.time().barOf(at);
            if (step.begins() == Arpeggio.Begins.BAR && now != bar) {
                counter = 0;
            }
            bar = now;
            long next = cells.after(at);
            make(tones, at, next, end, number++);
            counter++;
            at = next;
        }
    }

    /** The chord as it is laid out, each pitch once: from below, or as it was played, octave by octave. */
    private List<Tone> tones(List<Note> members, int held, long at) {
        List<Tone> all = new ArrayList<>();
        for (int octave = 0; octave < step.figure().octaves(); octave++) {
            for (int i = 0; i < members.size(); i++) {
                if (i >= held || members.get(i).end() > at) {
                    all.add(new Tone(members.get(i), octave));
                }
            }
        }
        if (step.figure().order() != FigureOrder.PLAYED) {
            all.sort(Comparator.comparingInt(Tone::pitch).thenComparingInt(Tone::octaves));
        }
        Set<Integer> there = new HashSet<>();
        return all.stream().filter(tone -> there.add(tone.pitch())).toList();
    }

    private void make(List<Tone> tones, long at, long next, long end, int number) {
        Arpeggio.Figure figure = step.figure();
        long place = counter / figure.each();
        boolean byChance = figure.order() == FigureOrder.CHANCE;
        int[] order = figure.order().of(tones.size());
        Tone tone = byChance ? thrown(tones, at, number) : tones.get(order[(int) (place % order.length)]);
        int times = (int) (place / order.length % (figure.times() + 1));
        int wanted = figure.then().moved(tone.pitch(), times, ladders.at(tone.source().withStart(at)));
        Arpeggio.Sound sound = step.sound();
        long length = Math.max(1, Math.min(end - at, Math.round((next - at) * sound.length() / 100.0)));
        Note note = tone.source().withStart(at).withLength(length).withPitch(Octaves.within(wanted))
                .withVelocity(sound.accents().at(tone.source().velocity(), counter));
        if (note.pitch() != wanted || tone.isInward()) {
            inward.add(note);
        }
        making.make(tone.source(), note, new DrawReason.Arpeggiated(number + 1, tone.octaves(), figure.then(), times));
    }

    /** Any of them, but not the one before again while there is another; sounding more than once it stays. */
    private Tone thrown(List<Tone> tones, long at, int number) {
        List<Tone> others = tones.stream().filter(tone -> tone.pitch() != last).toList();
        List<Tone> from = others.isEmpty() ? tones : others;
        if (counter % step.figure().each() != 0) {
            from = tones.stream().filter(tone -> tone.pitch() == last).toList();
            from = from.isEmpty() ? tones : from;
        }
        Tone thrown = from.get(Dice.roll(step.seed(), Dice.moment(at, around.time().ticksPerQuarter()), number, from.size()));
        last = thrown.pitch();
        return thrown;
    }
}
