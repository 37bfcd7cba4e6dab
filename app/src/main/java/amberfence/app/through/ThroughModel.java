package amberfence.app.through;

import amberfence.analysis.Doubt;
import amberfence.analysis.DoubtKind;
import amberfence.analysis.Mend;
import amberfence.analysis.ReadThrough;
import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.edit.Mending;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteIdentity;
import amberfence.notes.NoteIndex;
import amberfence.song.LeftPlaces;
import amberfence.song.Part;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** What is read, and which kinds and parts are looked at; the song as it sounds is read beside the interface thread. */
final class ThroughModel {
    private final Session session;
    private final NoteCommands commands;
    private final ObservableList<Doubt> doubts = FXCollections.observableArrayList();
    private final Set<DoubtKind> kinds = EnumSet.copyOf(DoubtKind.usual());
    /** The part that is looked at; empty for all. */
    private OptionalInt part = OptionalInt.empty();
    private ReadThrough.Found found = new ReadThrough.Found(List.of(), List.of());
    private int mended;
    private Line indexed = Line.EMPTY;
    private NoteIndex index = new NoteIndex(List.of());

    ThroughModel(Session session, NoteCommands commands) {
        this.session = session;
        this.commands = commands;
    }

    /** The places that are not left, of the kinds and the part that are looked at, in order of time. */
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
        return found.left().size();
    }

    /** How many places of each kind there are, in all parts. */
    Map<DoubtKind, Integer> counts() {
        Map<DoubtKind, Integer> counts = new EnumMap<>(DoubtKind.class);
        found.open().forEach(doubt -> counts.merge(doubt.kind(), 1, Integer::sum));
        return counts;
    }

    void look(DoubtKind kind, boolean on) {
        if (on) {
            kinds.add(kind);
        } else {
            kinds.remove(kind);
        }
        filter();
    }

    void lookAt(OptionalInt newPart) {
        part = newPart;
        filter();
    }

    /** Reads the song as it sounds now. */
    void read(Consumer<ReadThrough.Found> then) {
        SongReading.ask(session, this, EnumSet.allOf(DoubtKind.class), then);
    }

    void show(ReadThrough.Found nowFound) {
        found = nowFound;
        if (part.isPresent() && session.song().find(part.getAsInt()).isEmpty()) {
            part = OptionalInt.empty();
        }
        filter();
    }

    private void filter() {
        doubts.setAll(found.open().stream().filter(doubt -> kinds.contains(doubt.kind()) && (part.isEmpty() || part.getAsInt() == doubt.part())).toList());
    }

    /** Leaves places as they are, as an edit that can be undone. */
    void leave(Collection<Doubt> places, String words) {
        // By identity, for there may be thousands of each.
        Set<Doubt> gone = Collections.newSetFromMap(new IdentityHashMap<>());
        gone.addAll(places);
        Map<DoubtKind, List<Note>> notes = places.stream().collect(Collectors.groupingBy(Doubt::kind, Collectors.mapping(Doubt::note, Collectors.toList())));
        doubts.setAll(doubts.stream().filter(doubt -> !gone.contains(doubt)).toList());
        session.edit(words, song -> {
            LeftPlaces left = song.left();
            for (Map.Entry<DoubtKind, List<Note>> kind : notes.entrySet()) {
                left = left.with(kind.getKey().text(), kind.getValue());
            }
            return song.withLeft(left);
        });
    }

    /** Lets nothing be left any more, as an edit that can be undone. */
    void readLeftAgain() {
        session.edit(Words.say("through.again"), song -> song.withLeft(LeftPlaces.NONE));
    }

    /** Whether a place is of the kind of another, in its part. */
    static boolean isLike(Doubt other, Doubt doubt) {
        return other.kind() == doubt.kind() && other.part() == doubt.part();
    }

    /** All places of the kind of one, in its part. */
    List<Doubt> likeIt(Doubt doubt) {
        return doubts.stream().filter(other -> isLike(other, doubt)).toList();
    }

    /** The ways out that can be taken: a pitch wherever the note comes from one of the part, all else where no step has changed it. */
    List<Mend> mends(Doubt doubt) {
        NoteIndex own = own(session.song().find(doubt.part()).map(Part::line).orElse(Line.EMPTY));
        List<Mend> possible = new ArrayList<>();
        for (Mend mend : doubt.mends()) {
            boolean pitches = mend instanceof Mend.ToPitch || mend instanceof Mend.WholeChord || mend instanceof Mend.Allow;
            boolean asTheyAre = pitches || doubt.notes().stream().filter(note -> mend.notes().contains(note.id()))
                    .allMatch(note -> own.find(note.id()).filter(note::equals).isPresent());
            if (asTheyAre && mend.notes().stream().allMatch(note -> NoteIdentity.isOwn(note) && own.find(note).isPresent())) {
                possible.add(mend);
            }
        }
        return possible;
    }

    /** The notes of a part by their identities: a way out may be about thousands of them, and each row asks. */
    private NoteIndex own(Line line) {
        if (line != indexed) {
            index = new NoteIndex(List.of(line));
            indexed = line;
        }
        return index;
    }

    /** Shows in the ladder how the notes would be. */
    void suggest(Doubt doubt, Mend mend) {
        session.selection().suggest(Mending.after(session.results().get().part(doubt.part()).line(), mend));
    }

    void mend(Doubt doubt, Mend mend, String words) {
        if (session.song().find(doubt.part()).isPresent()) {
            mended++;
            session.selection().selectPart(doubt.part());
            commands.mend(words, mend);
        }
    }
}
