package amberfence.app.through;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.reading.through.Doubt;
import amberfence.reading.through.DoubtKind;
import amberfence.reading.through.Mend;
import amberfence.reading.through.ReadThrough;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.song.NoteIdentity;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** What is read, what was left, and which kinds are looked for; the song as it sounds is read beside the interface thread. */
final class ThroughModel {
    private static final int LOOKS = 4;

    /** A place that was left stays left as long as its note is as it was. */
    private record Left(DoubtKind kind, int part, Note note) {
    }

    private final Session session;
    private final NoteCommands commands;
    private final ObservableList<Doubt> doubts = FXCollections.observableArrayList();
    private final Set<DoubtKind> kinds = EnumSet.copyOf(DoubtKind.usual());
    private final Set<Left> left = new HashSet<>();
    private int mended;

    ThroughModel(Session session, NoteCommands commands) {
        this.session = session;
        this.commands = commands;
    }

    /** The places that are not left, in order of time. */
    ObservableList<Doubt> doubts() {
        return doubts;
    }

    Set<DoubtKind> kinds() {
        return kinds;
    }

    int mendedCount() {
        return mended;
    }

    int leftCount() {
        return left.size();
    }

    void look(DoubtKind kind, boolean on) {
        if (on) {
            kinds.add(kind);
        } else {
            kinds.remove(kind);
        }
        read(() -> { });
    }

    /** Reads the song as it sounds now. */
    void read(Runnable afterwards) {
        Results results = session.results().get();
        Song song = results.song();
        Map<Integer, Line> lines = new HashMap<>();
        song.parts().forEach(part -> lines.put(part.id(), results.part(part.id()).line()));
        Set<DoubtKind> wanted = EnumSet.noneOf(DoubtKind.class);
        wanted.addAll(kinds);
        int notes = lines.values().stream().mapToInt(Line::size).sum();
        session.computations().ask(this, LOOKS * notes, () -> ReadThrough.of(song, lines, wanted), found -> {
            show(found);
            afterwards.run();
        });
    }

    private void show(List<Doubt> found) {
        doubts.setAll(found.stream().filter(doubt -> !left.contains(left(doubt))).toList());
    }

    private static Left left(Doubt doubt) {
        return new Left(doubt.kind(), doubt.part(), doubt.note());
    }

    void leave(Doubt doubt) {
        left.add(left(doubt));
        doubts.remove(doubt);
    }

    /** The ways out that can be taken: a pitch wherever the note comes from one of the part, all else where no step has changed it. */
    List<Mend> mends(Doubt doubt) {
        Line own = session.song().find(doubt.part()).map(Part::line).orElse(Line.EMPTY);
        List<Mend> possible = new ArrayList<>();
        for (Mend mend : doubt.mends()) {
            boolean asItIs = doubt.notes().stream().filter(note -> note.id() == mend.note()).allMatch(note -> own.note(note.id()).filter(note::equals).isPresent());
            if (NoteIdentity.isOwn(mend.note()) && own.note(mend.note()).isPresent() && (asItIs || mend instanceof Mend.ToPitch || mend instanceof Mend.Allow)) {
                possible.add(mend);
            }
        }
        return possible;
    }

    void mend(Doubt doubt, Mend mend, String words) {
        if (session.song().find(doubt.part()).isPresent()) {
            mended++;
            session.selection().selectPart(doubt.part());
            commands.mend(words, mend);
        }
    }
}
