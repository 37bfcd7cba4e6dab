package amberfence.app.progression;

import amberfence.analysis.SongChords;
import amberfence.app.session.LongEdit;
import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.edit.ChordMoves;
import amberfence.edit.ProgressionEdits;
import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.song.Song;
import amberfence.step.move.Move;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.KeyChords;
import amberfence.theory.ProgressionTemplate;
import amberfence.theory.RomanNumeral;
import amberfence.theory.SmoothVoicings;
import amberfence.theory.Voicing;
import amberfence.theory.VoicingRules;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** What can be done to the chords of the progression: to the selected ones, or to all when none is selected. */
public final class ChordCommands {
    /** Finding the smoothest voicing of a chord is as much work as a step has with about so many notes. */
    public static final int SMOOTHING = 50;

    private final Session session;
    private List<ChordSpan> copied = List.of();

    public ChordCommands(Session session) {
        this.session = session;
    }

    private Song song() {
        return session.song();
    }

    /** The chords that are meant: the selected ones, else all. */
    List<Long> meant() {
        Set<Long> selected = session.selection().chords().get();
        List<ChordSpan> chosen = song().progression().in(selected);
        return (chosen.isEmpty() ? song().progression().spans() : chosen).stream().map(ChordSpan::id).toList();
    }

    private boolean has() {
        if (song().progression().isEmpty()) {
            session.say(Words.say("chords.none"));
        }
        return !song().progression().isEmpty();
    }

    /** Edits the meant chords, under a name that counts them; without any chord says so. */
    private void editMeant(String words, BiFunction<Song, List<Long>, Song> edit) {
        List<Long> ids = meant();
        if (has()) {
            edit(Words.say("hands.counted", words, Words.count("chordCount", ids.size())), song -> edit.apply(song, ids));
        }
    }

    private void edit(String name, UnaryOperator<Song> edit) {
        Song before = song();
        session.edit(name, edit);
        if (song() == before) {
            session.say(Words.say("hands.nothing", name));
        }
    }

    /** Puts a chord in at the playhead, which moves on to its end. */
    public void put(Chord chord, ChordLength length) {
        TimeMap time = song().time();
        long start = session.transport().playhead().get();
        long end = length.end(time, start);
        session.edit(Words.say("chords.put", chord.text()), song -> ProgressionEdits.put(song, start, end, chord));
        session.selection().selectChords(Set.of());
        session.transport().moveTo(end);
    }

    /** Reads a symbol or a Roman numeral in the key at a tick. */
    public Chord read(String text, long tick) {
        String plain = text.strip();
        if (plain.matches("[1-7]")) {
            return KeyChords.of(key(tick)).on(Integer.parseInt(plain), 3);
        }
        return RomanNumeral.parseChord(plain, key(tick));
    }

    Key key(long tick) {
        return session.results().get().fence().keyAt(tick);
    }

    /** Puts a template in from the bar of the playhead on. */
    public void put(ProgressionTemplate template) {
        TimeMap time = song().time();
        int bar = time.barOf(session.transport().playhead().get());
        List<ChordSpan> spans = new ArrayList<>();
        for (List<Chord> chords : template.in(key(session.transport().playhead().get()))) {
            for (int i = 0; i < chords.size(); i++) {
                spans.add(ChordSpan.of(1, time.shareStart(bar, i, chords.size()), time.shareStart(bar, i + 1, chords.size()),
                        chords.get(i)));
            }
            bar++;
        }
        put(template.title(), spans);
    }

    /** Puts chords in, and moves the playhead to their end. */
    public void put(String name, List<ChordSpan> spans) {
        session.edit(Words.say("chords.put", name), song -> ProgressionEdits.put(song, spans));
        session.transport().moveTo(spans.get(spans.size() - 1).end());
    }

    /** Names the selected notes and puts the chord where they are. */
    public void putFromNotes() {
        List<Note> notes = SelectedChord.notes(session);
        Optional<Chord> named = SelectedChord.name(notes, session.results().get());
        if (named.isEmpty()) {
            session.say(Words.say(notes.size() < 2 ? "chords.selectNotes" : "chords.noName"));
            return;
        }
        long start = notes.stream().mapToLong(Note::start).min().orElseThrow();
        long end = notes.stream().mapToLong(Note::end).max().orElseThrow();
        var snap = session.snap();
        long from = snap.nearest(song().time(), start);
        long to = Math.max(from + 1, snap.nearest(song().time(), end));
        session.edit(Words.say("chords.put", named.get().text()), song -> ProgressionEdits.put(song, from, to, named.get()));
    }

    /** Reads the chords out of a part, or out of all of them, or finds those that go under a tune; what a person set stays. */
    public void readFrom(Optional<Integer> part) {
        Song song = song();
        session.say(Words.say("status.working"));
        Optional<Line> line = part.map(id -> session.results().get().part(id).line());
        session.computations().ask("chords read", () -> line.map(some -> SongChords.read(song, song.part(part.get()).role(), some))
                .orElseGet(() -> SongChords.read(song)), this::taken);
    }

    private void taken(SongChords.Found found) {
        if (found.chords().isEmpty()) {
            session.say(Words.say("chords.nothingRead"));
            return;
        }
        String count = Words.count("chordCount", found.chords().size());
        session.edit(Words.say(switch (found.basis()) {
            case TUNE -> "chords.under";
            case BASS -> "chords.over";
            default -> "chords.read";
        }, count), song -> ProgressionEdits.read(song, found.chords()));
        long unsure = found.chords().stream().filter(chord -> chord.confidence() < ChordSpan.SURE).count();
        session.say(switch (found.basis()) {
            case TUNE -> Words.say("chords.underDone", count);
            case BASS -> Words.say("chords.overDone", count);
            default -> unsure == 0 ? Words.say("chords.readSure", count) : Words.say("chords.readDone", count, unsure);
        });
    }

    public void replace(long id, Chord chord) {
        edit(Words.say("chords.replace", chord.text()), song -> song.withProgression(
                song.progression().with(List.of(id), span -> span.withChord(chord))));
    }

    /** The whole progression in so many percent of its time. */
    void stretch(String name, int percent) {
        session.edit(name, song -> ProgressionEdits.stretched(song, percent));
    }

    public void delete() {
        if (session.selection().chords().get().isEmpty()) {
            session.say(Words.say("chords.selectFirst"));
            return;
        }
        editMeant(Words.say("chords.delete"), (song, ids) -> song.withProgression(song.progression().minus(ids)));
        session.selection().selectChords(Set.of());
    }

    public void repeat() {
        editMeant(Words.say("chords.repeat"), ProgressionEdits::repeated);
    }

    /** Copies the meant chords, to be pasted at the playhead. */
    public void copy() {
        if (has()) {
            copied = song().progression().in(meant());
            session.say(Words.say("chords.copied", Words.count("chordCount", copied.size())));
        }
    }

    /** Puts what was copied in at the playhead, which moves on to its end. */
    public void paste() {
        if (copied.isEmpty()) {
            session.say(Words.say("chords.nothingCopied"));
            return;
        }
        long by = session.transport().playhead().get() - copied.get(0).start();
        put(Words.count("chordCount", copied.size()),
                copied.stream().map(span -> span.shifted(by)).toList());
    }

    /** Cuts each meant chord at the middle line of the grid inside it. */
    public void split() {
        editMeant(Words.say("chords.split"), (song, ids) -> {
            Song changed = song;
            for (ChordSpan span : song.progression().in(ids)) {
                long middle = session.snap().nearest(song.time(), span.start() + span.length() / 2);
                changed = ProgressionEdits.cut(changed, span.id(), middle);
            }
            return changed;
        });
    }

    public void join(long id) {
        edit(Words.say("chords.join"), song -> song.withProgression(song.progression().joined(id)));
    }

    public void resize(long id, long start, long end) {
        edit(Words.say("chords.length"), song -> ProgressionEdits.resized(song, id, start, end));
    }

    public void shift(long ticks) {
        editMeant(Words.say("chords.shift"), (song, ids) -> ProgressionEdits.shifted(song, ids, ticks));
    }

    /** Changes the voicing of the meant chords. */
    public void voice(String words, UnaryOperator<Voicing> change) {
        editMeant(words, (song, ids) -> ProgressionEdits.voiced(song, ids, change));
    }

    /** Changes the voice that plays a member, by the member's number, in each meant chord that has it. */
    public void voiceMember(String words, int number, BiFunction<Voicing, Integer, Voicing> change) {
        editMeant(words, (song, ids) -> song.withProgression(song.progression().with(ids, span -> {
            Voicing voicing = span.sounding();
            int voice = span.chord().voiceOf(number, voicing);
            return voice < 0 ? span : span.withVoicing(change.apply(voicing, voice));
        })));
    }

    /** Gives the meant chords a voicing made from their symbols. */
    public void voiceFromChord(String words, Function<Chord, Voicing> make) {
        editMeant(words, (song, ids) -> song.withProgression(song.progression().with(ids,
                span -> span.withVoicing(make.apply(span.chord())))));
    }

    /** Changes the meant chords, each in the key of its moment. */
    public void change(String words, BiFunction<Chord, Key, Chord> change) {
        editMeant(words, (song, ids) -> ProgressionEdits.changed(song, ids, change));
    }

    /** Moves the meant chords together with the notes of all parts under them; says which parts move. */
    public void moveWithNotes(String words, Move move) {
        List<Long> ids = meant();
        if (!has()) {
            return;
        }
        ChordMoves.Done done = ChordMoves.moved(song(), ids, move);
        edit(Words.say("hands.counted", words, Words.count("chordCount", ids.size())), song -> done.song());
        String moved = done.moved().isEmpty() ? Words.say("chords.noneUnder") : Words.say("chords.movedUnder",
                String.join(", ", done.moved()));
        session.say(done.following().isEmpty() ? moved : moved + " · " + Words.say("chords.followThemselves",
                String.join(", ", done.following())));
    }

    public void suspend() {
        editMeant(Words.say("chords.suspend"), ProgressionEdits::suspendedBefore);
    }

    /** Finds the smoothest voicings of the whole progression; says the motion before and after. */
    public void smooth(VoicingRules rules, Collection<Long> fixed) {
        if (!has()) {
            return;
        }
        int before = SmoothVoicings.motion(song().progression().voicings());
        session.edit(new LongEdit<>(Words.say("chords.smooth"), song -> song.progression().spans().size() * SMOOTHING,
                song -> ProgressionEdits.smooth(song, rules, fixed), song -> song, song -> session.say(
                        Words.say("chords.smoothed", SmoothVoicings.motion(song.progression().voicings()), before))));
    }

    /** Adds a part that plays the progression until it is settled. */
    public void makePart() {
        String name = Words.say("chords.partName");
        session.edit(Words.say("edit.partAdd", name), song -> ProgressionEdits.plusPart(song, name));
        session.selection().selectPart(song().parts().get(song().parts().size() - 1).id());
    }
}
