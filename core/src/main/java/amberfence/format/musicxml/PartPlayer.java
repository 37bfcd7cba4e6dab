package amberfence.format.musicxml;

import amberfence.format.musicxml.BarEvents.Grace;
import amberfence.format.musicxml.BarEvents.Sounding;
import amberfence.notes.Line;
import amberfence.notes.Note;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.LongSupplier;

/** Plays one part in the order of its bars: joins what is tied, and gives notes without a time theirs. */
final class PartPlayer {
    /** Quarters that each grace note lasts: a thirty-second, as the step's usual value has it. */
    private static final double GRACE = 1 / 8.0;
    private final int ticksPerQuarter;
    private final int channel;
    private final LongSupplier identities;
    private final List<Played> played = new ArrayList<>();
    private final List<Run> runs = new ArrayList<>();
    /** Notes that a later one goes on from, by pitch. */
    private final Map<Integer, List<Played>> tied = new HashMap<>();

    /** A note on its way; {@code end} is where it ends as it is written. */
    private static final class Played {
        private double start;
        private double end;
        private double attack;
        private double release;
        private final int pitch;
        private final int velocity;
        private int releaseVelocity;
        private final String voice;

        private Played(double start, double end, int pitch, int velocity, int releaseVelocity, String voice) {
            this.voice = voice;
            this.start = start;
            this.end = end;
            this.pitch = pitch;
            this.velocity = velocity;
            this.releaseVelocity = releaseVelocity;
        }
    }

    /** Where grace notes stand: what else sounds there gives them its time. */
    private record Run(double from, double to) {
    }

    PartPlayer(int ticksPerQuarter, int channel, LongSupplier identities) {
        this.ticksPerQuarter = ticksPerQuarter;
        this.channel = channel;
        this.identities = identities;
    }

    int count() {
        return played.size();
    }

    /** @param from where the bar begins, in ticks */
    void play(BarEvents bar, double from) {
        for (Sounding note : bar.notes()) {
            double start = from + note.at() * ticksPerQuarter;
            double end = start + note.length() * ticksPerQuarter;
            Played before = note.tiedFrom() ? takeTied(note, start) : null;
            if (before == null) {
                before = new Played(start, end, note.pitch(), note.velocity(), note.releaseVelocity(), note.voice());
                before.attack = note.attack() * ticksPerQuarter;
                played.add(before);
            }
            before.end = end;
            before.release = note.release() * ticksPerQuarter;
            before.releaseVelocity = note.releaseVelocity();
            if (note.tiedOn()) {
                tied.computeIfAbsent(note.pitch(), pitch -> new ArrayList<>()).add(before);
            }
        }
        for (Sounding note : bar.notes()) {
            if (!note.graces().isEmpty()) {
                graces(note, bar, from);
            }
        }
    }

    /** The note that goes on here: one of the same voice, or else of another. */
    private Played takeTied(Sounding next, double start) {
        List<Played> open = tied.getOrDefault(next.pitch(), List.of());
        List<Played> here = open.stream().filter(note -> Math.abs(note.end - start) < 0.5).toList();
        Played found = here.stream().filter(note -> note.voice.equals(next.voice())).findFirst().orElse(here.isEmpty() ? null : here.get(0));
        if (found != null) {
            open.remove(found);
        }
        return found;
    }

    /** Before the beat; at the song's beginning, where nothing is before, the note itself gives them its time. */
    private void graces(Sounding note, BarEvents bar, double barStart) {
        double each = GRACE * ticksPerQuarter;
        double all = each * note.graces().size();
        double start = barStart + note.at() * ticksPerQuarter;
        boolean onBeat = start < all;
        double at = onBeat ? start : start - all;
        if (onBeat) {
            played.stream().filter(other -> other.start == start && bar.notes().stream().anyMatch(same -> same.at() == note.at() && same.voice().equals(note.voice())
                    && same.pitch() == other.pitch)).forEach(other -> other.start = Math.min(start + all, other.end - 1));
        } else {
            runs.add(new Run(at, start));
        }
        for (List<Grace> together : note.graces()) {
            for (Grace grace : together) {
                played.add(new Played(at, at + each, grace.pitch(), grace.velocity(), Note.USUAL_RELEASE, note.voice()));
            }
            at += each;
        }
    }

    Line line() {
        giveTime();
        List<Note> notes = new ArrayList<>();
        played.sort(Comparator.<Played>comparingDouble(note -> note.start).thenComparingInt(note -> note.pitch));
        for (Played note : played) {
            long start = Math.max(0, Math.round(note.start + note.attack));
            long end = Math.max(start + 1, Math.round(note.end + note.release));
            notes.add(new Note(identities.getAsLong(), start, end - start, note.pitch, note.velocity, channel, note.releaseVelocity));
        }
        return Line.of(notes);
    }

    /** What began before grace notes and would end among them, or with them, ends where they begin. */
    private void giveTime() {
        if (runs.isEmpty()) {
            return;
        }
        List<Played> byEnd = new ArrayList<>(played);
        byEnd.sort(Comparator.comparingDouble(note -> note.end));
        double[] ends = byEnd.stream().mapToDouble(note -> note.end).toArray();
        for (Run run : runs) {
            int low = 0;
            int high = ends.length;
            while (low < high) {
                int middle = (low + high) >>> 1;
                if (ends[middle] <= run.from) {
                    low = middle + 1;
                } else {
                    high = middle;
                }
            }
            for (int i = low; i < ends.length && ends[i] <= run.to; i++) {
                Played note = byEnd.get(i);
                if (note.start < run.from) {
                    note.end = Math.min(note.end, run.from);
                }
            }
        }
    }
}
