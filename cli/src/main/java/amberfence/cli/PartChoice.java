package amberfence.cli;

import amberfence.song.Part;
import amberfence.song.Song;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import picocli.CommandLine.Option;

/** The parts that a command is about. */
final class PartChoice {
    private static final int MOST_TOLD = 20;

    @Option(names = "--part", paramLabel = "N|NAME", description = "only these parts, as analyze numbers and names them")
    private List<String> chosen = new ArrayList<>();

    boolean isGiven() {
        return !chosen.isEmpty();
    }

    /** Identities of the chosen parts. */
    Set<Integer> of(Song song) {
        return chosen.stream().map(text -> part(song, text).id()).collect(Collectors.toSet());
    }

    /** The part of a number, counted from 0, or of a name. */
    static Part part(Song song, String text) {
        List<Part> parts = song.parts();
        if (text.matches("-?\\d{1,9}")) {
            int index = Integer.parseInt(text);
            if (index >= 0 && index < parts.size()) {
                return parts.get(index);
            }
        }
        return parts.stream().filter(part -> part.name().equalsIgnoreCase(text.strip())).findFirst()
                .orElseThrow(() -> new CommandFailure(CommandFailure.WRONG_COMMAND, "there is no part " + text + "; " + there(parts)));
    }

    private static String there(List<Part> parts) {
        if (parts.isEmpty()) {
            return "the file has no notes";
        }
        return "the file has " + IntStream.range(0, Math.min(MOST_TOLD, parts.size())).mapToObj(index -> index + " " + parts.get(index).name())
                .collect(Collectors.joining(", ")) + (parts.size() > MOST_TOLD ? " and others, up to " + (parts.size() - 1) : "");
    }
}
