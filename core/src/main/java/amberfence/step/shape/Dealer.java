package amberfence.step.shape;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.Strokes;
import amberfence.step.NoteDice;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.step.shape.Deal.What;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToLongFunction;

/** Deals what groups of notes have to the places of other groups. Note by note each note is a group. */
final class Dealer {
    private static final Comparator<Note> FROM_BELOW = Comparator.comparingInt(Note::pitch).thenComparingLong(Note::id);
    private final Deal step;
    private final Surroundings around;
    private final Work work;
    private final Line in;
    private final NoteDice dice;

    Dealer(Deal step, Line in, Surroundings around, Work work) {
        this.step = step;
        this.around = around;
        this.work = work;
        this.in = in;
        this.dice = NoteDice.of(step.seed(), in, around);
    }

    void deal() {
        List<Note> free = new ArrayList<>();
        for (Note note : in.notes()) {
            if (around.isFree(note)) {
                free.add(note);
            } else {
                work.keepAsChosen(note);
            }
        }
        List<List<Note>> groups = new ArrayList<>();
        for (List<Note> stroke : Strokes.of(free, around.time())) {
            List<Note> sorted = stroke.stream().sorted(FROM_BELOW).toList();
            if (step.whole()) {
                groups.add(sorted);
            } else {
                sorted.forEach(note -> groups.add(List.of(note)));
            }
        }
        int[] pitches = order(groups, What.PITCHES, Note::pitch);
        int[] lengths = order(groups, What.LENGTHS, Note::length);
        int[] velocities = order(groups, What.VELOCITIES, Note::velocity);
        for (int place = 0; place < groups.size(); place++) {
            if (step.whole()) {
                move(groups.get(pitches[place]), groups.get(place), groups.get(lengths[place]), groups.get(velocities[place]), place + 1);
            } else {
                Note note = groups.get(place).get(0);
                change(note, note.withPitch(groups.get(pitches[place]).get(0).pitch()).withLength(groups.get(lengths[place]).get(0).length())
                        .withVelocity(groups.get(velocities[place]).get(0).velocity()), place + 1);
            }
        }
    }

    /** The notes of a group go to a place, member by member from below, the last again; what is not dealt they take from there. */
    private void move(List<Note> group, List<Note> place, List<Note> lengths, List<Note> velocities, int number) {
        for (int i = 0; i < group.size(); i++) {
            change(group.get(i), group.get(i).withStart(member(place, i).start()).withLength(member(lengths, i).length())
                    .withVelocity(member(velocities, i).velocity()), number);
        }
    }

    private static Note member(List<Note> notes, int i) {
        return notes.get(Math.min(i, notes.size() - 1));
    }

    private void change(Note before, Note after, int place) {
        work.change(before, after, new ShapeReason.Dealt(place));
    }

    /** For each place the group whose things it gets; its own for what is not dealt. Equal things stay in their order. */
    private int[] order(List<List<Note>> groups, What what, ToLongFunction<Note> value) {
        Integer[] order = new Integer[groups.size()];
        Arrays.setAll(order, i -> i);
        if (step.what().contains(what)) {
            Comparator<Integer> byValue = Comparator.comparingLong(i -> groups.get(i).stream().mapToLong(value).min().orElseThrow());
            switch (step.way()) {
                case TURN -> Collections.rotate(Arrays.asList(order), step.by());
                case MIRROR -> Collections.reverse(Arrays.asList(order));
                case CHANCE -> Arrays.sort(order, Comparator.comparingDouble(i -> dice.share(groups.get(i).get(0), what.ordinal())));
                case UP -> Arrays.sort(order, byValue);
                case DOWN -> Arrays.sort(order, byValue.reversed());
            }
        }
        return Arrays.stream(order).mapToInt(i -> i).toArray();
    }
}
