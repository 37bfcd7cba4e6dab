package amberfence.cli;

import amberfence.notes.Note;
import amberfence.notes.PlaceText;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Change;
import amberfence.step.StepSlot;
import amberfence.theory.SpelledPitch;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import picocli.CommandLine.Option;

/** Single notes that steps leave, or change though the others are left. */
final class SingleNotes {
    private static final Pattern PLACE = Pattern.compile("\\s*(\\d\\S*)(?:\\s+(\\S+))?\\s*");
    private static final String ALL = "all";

    @Option(names = "--leave", paramLabel = "PLACE", description = "the steps leave the notes that begin at a bar and beat, as in 12:3 or 12:3.5, or one of them, "
            + "as in \"12:3 F#4\"; all leaves every note but those of --move")
    private List<String> left = new ArrayList<>();

    @Option(names = "--move", paramLabel = "PLACE", description = "with --leave all: the notes that are changed all the same")
    private List<String> moved = new ArrayList<>();

    boolean isEmpty() {
        return left.isEmpty() && moved.isEmpty();
    }

    /** What cannot be meant is told. */
    void check() {
        if (!moved.isEmpty() && !left.contains(ALL)) {
            throw wrong("--move would be ignored: it belongs to --leave all");
        }
        if (left.contains(ALL) && left.size() > 1) {
            throw wrong("--leave all leaves every note; the other --leave would be ignored");
        }
    }

    /** The song with these notes left by every step of some parts. */
    Song of(Song song, Set<Integer> parts) {
        Song changed = song;
        List<String> places = left.contains(ALL) ? moved : left;
        Map<Integer, Set<Long>> named = new HashMap<>();
        for (String place : places) {
            boolean found = false;
            for (int id : parts) {
                Set<Long> here = at(song, song.part(id), place);
                named.computeIfAbsent(id, part -> new TreeSet<>()).addAll(here);
                found |= !here.isEmpty();
            }
            if (!found) {
                throw wrong("no note begins at " + place.strip() + " in " + String.join(", ", parts.stream().map(id -> song.part(id).name()).toList())
                        + "; places are bar and beat as analyze and --changes tell them, such as 12:3 or \"12:3.5 F#4\"");
            }
        }
        for (int id : parts) {
            Set<Long> notes = named.getOrDefault(id, Set.of());
            for (StepSlot slot : changed.part(id).steps()) {
                Set<Long> stay = left.contains(ALL) ? allBut(changed, id, slot, notes) : notes;
                changed = changed.withPart(id, part -> part.withStep(slot.id(), old -> old.withLeft(stay, true)));
            }
        }
        return changed;
    }

    private static Set<Long> allBut(Song song, int partId, StepSlot slot, Set<Long> moved) {
        Set<Long> all = new TreeSet<>();
        PartResult.of(song, song.part(partId)).stage(slot.id()).ifPresent(stage -> {
            for (Change change : stage.outcome().changes()) {
                change.before().forEach(note -> all.add(note.id()));
            }
        });
        all.removeAll(moved);
        return all;
    }

    private static Set<Long> at(Song song, Part part, String place) {
        Matcher matcher = PLACE.matcher(place);
        if (!matcher.matches()) {
            throw wrong("a place is a bar and a beat, such as 12:3 or \"12:3.5 F#4\", not “" + place + "”");
        }
        String where = StepOptions.read(() -> PlaceText.of(song.time(), PlaceText.parse(song.time(), matcher.group(1))));
        OptionalInt pitch = matcher.group(2) == null ? OptionalInt.empty() : OptionalInt.of(StepOptions.read(() -> SpelledPitch.parse(matcher.group(2)).number()));
        Set<Long> found = new TreeSet<>();
        for (Note note : part.line().notes()) {
            if ((pitch.isEmpty() || pitch.getAsInt() == note.pitch()) && PlaceText.of(song.time(), note.start()).equals(where)) {
                found.add(note.id());
            }
        }
        return found;
    }

    private static CommandFailure wrong(String message) {
        return new CommandFailure(CommandFailure.WRONG_COMMAND, message);
    }
}
