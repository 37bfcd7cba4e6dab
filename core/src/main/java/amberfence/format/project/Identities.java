package amberfence.format.project;

import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * The identities of a project while it is read: each is used once, and all lie below the next free one. Notes that an
 * earlier version saved with the passing numbers of made notes, below 1, get numbers of their own.
 */
final class Identities {
    private static final Range PART = new Range(Texts.text("the identity of a part"), 0, Integer.MAX_VALUE - 1);
    private final int version;
    private final Range legal;
    private final Set<Integer> parts = new HashSet<>();
    private final Set<Long> steps = new HashSet<>();
    private final Set<Long> chords = new HashSet<>();
    private final Map<Long, Integer> partOfNote = new HashMap<>();
    private Set<Long> line = new HashSet<>();
    private int part;
    private final long declared;
    private long next;

    Identities(Place nextId, Range legal, int version) {
        this.version = version;
        this.legal = legal;
        this.declared = nextId.make(() -> new Range("nextId", 1, legal.highest()).check(nextId.whole()));
        this.next = declared;
    }

    /** By which version of the format the project was saved. */
    int version() {
        return version;
    }

    /** Whether the project was saved by version 1. */
    boolean isFirstVersion() {
        return version == 1;
    }

    /** The next free identity, above all that were read. */
    long next() {
        return next;
    }

    int part(Place id) {
        int value = id.make(() -> PART.check(id.number()));
        return once(id, parts.add(value), Texts.text("two parts have the identity %s"), value);
    }

    long step(Place id) {
        return counted(once(id, steps.add(legal(id)), Texts.text("two steps have the identity %s"), id.whole()));
    }

    long chord(Place id) {
        return counted(once(id, chords.add(legal(id)), Texts.text("two chords have the identity %s"), id.whole()));
    }

    /** The takes of one part may hold the same notes; within a line each stands once. */
    void beginLine(int ofPart) {
        part = ofPart;
        line = new HashSet<>();
    }

    long note(Place id) {
        long value = id.whole();
        if (value < 1) {
            return next++;
        }
        if (value >= declared) {
            throw id.wrong(Texts.say("the note %s is not below nextId, which is %s", value, declared));
        }
        once(id, line.add(value), Texts.text("two notes of a take have the identity %s"), value);
        once(id, partOfNote.computeIfAbsent(value, some -> part) == part, Texts.text("notes of two parts have the identity %s"), value);
        return value;
    }

    private long legal(Place id) {
        return id.make(() -> legal.check(id.whole()));
    }

    private long counted(long id) {
        next = Math.max(next, id + 1);
        return id;
    }

    private static <T> T once(Place id, boolean first, String whose, T value) {
        if (!first) {
            throw id.wrong(Texts.say(whose, value));
        }
        return value;
    }
}
