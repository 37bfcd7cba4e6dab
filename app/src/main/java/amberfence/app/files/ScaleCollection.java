package amberfence.app.files;

import amberfence.theory.MusicTextException;
import amberfence.theory.Scale;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** One's own scales, kept beside the application for every song. */
public final class ScaleCollection {
    private static final Pattern LINE = Pattern.compile("([0-9 ]+)\\t(.+)");
    private final AppFolder folder;

    public ScaleCollection(AppFolder folder) {
        this.folder = folder;
    }

    /** All scales of the collection; lines that cannot be read are passed over, and kept. */
    public List<Scale> scales() {
        return folder.ownScales().stream().map(LINE::matcher).filter(Matcher::matches).flatMap(line -> {
            try {
                return Stream.of(Scale.parseSemitones(line.group(2), line.group(1).strip()));
            } catch (MusicTextException e) {
                return Stream.empty();
            }
        }).toList();
    }

    /** Keeps a scale; one of the same name is replaced. */
    public void keep(Scale scale) throws IOException {
        List<String> lines = new ArrayList<>(without(scale.name()));
        lines.add(scale.semitonesText() + "\t" + scale.name());
        folder.keepOwnScales(lines);
    }

    public void remove(Scale scale) throws IOException {
        folder.keepOwnScales(without(scale.name()));
    }

    private List<String> without(String name) {
        return folder.ownScales().stream().filter(line -> !line.endsWith("\t" + name)).toList();
    }
}
