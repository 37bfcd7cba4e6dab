package amberfence.format.midi;

import amberfence.notes.Line;
import amberfence.notes.Metre;
import amberfence.notes.NoteColumns;
import amberfence.notes.Tempo;
import amberfence.song.Bytes;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.song.SourceEvent;
import amberfence.song.SourceEvents;
import amberfence.song.SourceFile;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Lays a song's notes back into the events of the file that they came from, and writes the file. */
final class MidiWriter {
    private static final Comparator<OutEvent> BY_TICK = Comparator.comparingLong(OutEvent::tick);
    private static final Set<Integer> GLOBAL_META = Set.of(0x02, 0x06, 0x07, MetaEvents.TEMPO, 0x54,
            MetaEvents.TIME_SIGNATURE, MetaEvents.KEY_SIGNATURE);

    private final MidiExport export;
    private final Song song;
    private final SourceFile source;
    /** Whether tempo or metre are others now than the source file says. */
    private final boolean timeChanged;
    private final boolean titleChanged;
    private final boolean copyrightChanged;
    private final PlacedNotes notes;
    /** The tracks of the source file in which notes that begin in their places end elsewhere. */
    private final BitSet moved = new BitSet();
    /** For each track to write the parts whose notes go there. */
    private final List<List<Part>> parts = new ArrayList<>();

    /** @param source what the file held, in a form that may be written */
    MidiWriter(MidiExport export, SourceFile source) {
        this.export = export;
        this.song = export.song();
        this.source = source;
        MetaEvents read = MetaEvents.of(source, new ArrayList<>());
        this.timeChanged = !source.tracks().isEmpty() && !read.time().isWrittenAs(song.time());
        this.titleChanged = read.title().filter(title -> !title.equals(song.title())).isPresent();
        this.copyrightChanged = !read.copyright().equals(song.credits().copyright());
        this.notes = new PlacedNotes(export.lines().values());
        int tracks = source.tracks().size();
        for (int i = 0; i < Math.max(1, tracks); i++) {
            parts.add(new ArrayList<>());
        }
        for (Part part : song.parts()) {
            Line line = export.lines().get(part.id());
            if (line != null) {
                notes.compare(line, part.takes().get(0).line());
                boolean ownTrack = part.track().isEmpty() || part.track().getAsInt() >= tracks;
                if (ownTrack) {
                    parts.add(List.of(part));
                } else {
                    parts.get(part.track().getAsInt()).add(part);
                }
            }
        }
    }

    byte[] write() {
        find();
        int type = export.type().orElse(source.type() == 0 && parts.size() > 1 ? 1 : source.type());
        if (type == source.type() && !export.isPartial()) {
            return file(type, source.chunks(), parts.size(), this::track);
        }
        List<List<OutEvent>> tracks = Retracking.to(type, source.type(), IntStream.range(0, parts.size()).mapToObj(this::events).toList());
        List<List<OutEvent>> wanted = new ArrayList<>();
        for (int i = 0; i < tracks.size(); i++) {
            if (i == 0 || !export.isPartial() || tracks.get(i).size() > 1) {
                wanted.add(tracks.get(i));
            }
        }
        return file(type, List.of(), wanted.size(), (index, out) -> wanted.get(index).forEach(out));
    }

    /** Notes which notes begin where the source file has them, and in which tracks some of those end elsewhere. */
    private void find() {
        if (areAllWhereTheyWere()) {
            notes.findAll();
            return;
        }
        List<SourceFile.Track> tracks = source.tracks();
        for (int i = 0; i < tracks.size(); i++) {
            int index = i;
            tracks.get(i).events().tell(new SourceEvents.Told() {
                @Override
                public void on(long tick, long note, boolean running) {
                    notes.find(tick, note);
                }

                @Override
                public void off(long tick, long note, boolean running, boolean asNoteOn) {
                    if (notes.isMoved(note, tick)) {
                        moved.set(index);
                    }
                }

                @Override
                public void other(SourceEvent.Other event) {
                    // Stays where it is.
                }
            });
        }
    }

    /** Whether it is known, without looking for each, that all notes stand where the source file has them: as long as only pitches were changed. */
    private boolean areAllWhereTheyWere() {
        Optional<Song> read = song.source().read().song();
        return read.isPresent() && song.parts().stream().filter(part -> export.lines().containsKey(part.id())).allMatch(part ->
                read.get().find(part.id()).filter(before -> before.track().equals(part.track())
                        && export.lines().get(part.id()).columns().areWhere(before.line().columns())).isPresent());
    }

    /** Tells the events of one track after another; where all stand as in the source file, without a list of them. */
    private void track(int index, Consumer<OutEvent> out) {
        boolean isRead = index < source.tracks().size();
        if (isRead && !hasNewHead(index) && !moved.get(index) && parts.get(index).stream().allMatch(part -> notes.areFound(export.lines().get(part.id())))) {
            PairingOrder ordered = new PairingOrder(out);
            lay(index, ordered::add);
            ordered.end();
        } else {
            events(index).forEach(out);
        }
    }

    /** Whether a track of the source file begins otherwise than there. */
    private boolean hasNewHead(int index) {
        return index == 0 && (timeChanged || titleChanged || copyrightChanged);
    }

    private List<OutEvent> events(int index) {
        int read = source.tracks().size();
        List<OutEvent> events;
        if (index < read) {
            events = new ArrayList<>(source.tracks().get(index).events().size());
            lay(index, events::add);
            if (hasNewHead(index)) {
                events.addAll(0, timeChanged ? times() : List.of());
                events.addAll(0, heading(titleChanged, copyrightChanged));
            }
            order(events);
        } else {
            events = read == 0 && index == 0 ? conductor() : named(parts.get(index).get(0));
        }
        parts.get(index).forEach(part -> addNewNotes(part, events));
        return events;
    }

    private byte[] file(int type, List<SourceFile.Chunk> order, int tracks, BiConsumer<Integer, Consumer<OutEvent>> track) {
        ByteSink out = new ByteSink(Math.max(notes.size() * 8, source.original().length()) + 256);
        out.addLetters("MThd");
        out.addInt(6 + source.headerRest().length());
        out.addShort(type);
        out.addShort(tracks);
        out.addShort(source.division());
        out.add(source.headerRest());
        int next = 0;
        for (SourceFile.Chunk chunk : order) {
            if (chunk instanceof SourceFile.Foreign foreign) {
                out.add(foreign.bytes());
            } else if (next < tracks) {
                write(next++, track, ((SourceFile.Track) chunk).rest(), out);
            }
        }
        while (next < tracks) {
            write(next++, track, Bytes.EMPTY, out);
        }
        return out.toArray();
    }

    private static void write(int index, BiConsumer<Integer, Consumer<OutEvent>> track, Bytes rest, ByteSink out) {
        TrackWriter writer = new TrackWriter(out);
        track.accept(index, writer::write);
        writer.end(rest);
    }

    /** Tells the events of a source track with the notes as they are now; those that begin elsewhere come later. */
    private void lay(int index, Consumer<OutEvent> out) {
        Set<Integer> channels = song.parts().stream().filter(part -> part.track().equals(OptionalInt.of(index))
                && export.lines().containsKey(part.id())).map(Part::channel).collect(Collectors.toSet());
        source.tracks().get(index).events().tell(new SourceEvents.Told() {
            @Override
            public void on(long tick, long note, boolean running) {
                int at = notes.at(note);
                if (at >= 0 && notes.isFound(at)) {
                    out.accept(new OutEvent.Sounding(tick, notes.columns(at), notes.place(at), true, running, false, notes.isEdited(at)));
                }
            }

            @Override
            public void off(long tick, long note, boolean running, boolean asNoteOn) {
                int at = notes.at(note);
                if (at >= 0 && notes.isFound(at)) {
                    boolean inPlace = notes.endsAt(at, tick);
                    out.accept(new OutEvent.Sounding(inPlace ? tick : notes.columns(at).end(notes.place(at)), notes.columns(at), notes.place(at), false,
                            running && inPlace, asNoteOn, notes.isEdited(at)));
                }
            }

            @Override
            public void other(SourceEvent.Other event) {
                if (isWanted(event, channels, index)) {
                    out.accept(new OutEvent.Raw(event.tick(), event.bytes(), event.running()));
                }
            }
        });
    }

    private boolean isWanted(SourceEvent.Other event, Set<Integer> channels, int track) {
        boolean replaced = titleChanged && track == 0 && event.metaType() == MetaEvents.TRACK_NAME
                || copyrightChanged && event.metaType() == MetaEvents.COPYRIGHT;
        if (replaced || timeChanged && (event.metaType() == MetaEvents.TEMPO || event.metaType() == MetaEvents.TIME_SIGNATURE)) {
            return false;
        }
        if (!export.isPartial()) {
            return true;
        }
        if (event.channel() >= 0) {
            return channels.contains(event.channel());
        }
        int meta = event.metaType();
        return !channels.isEmpty() || meta == 0x2F || GLOBAL_META.contains(meta) || track == 0 && meta == MetaEvents.TRACK_NAME;
    }

    /** Notes that are not in the source, or that moved in time. */
    private void addNewNotes(Part part, List<OutEvent> track) {
        NoteColumns line = export.lines().get(part.id()).columns();
        int before = track.size();
        for (int i = 0; i < line.size(); i++) {
            if (!notes.isFound(notes.at(line.id(i)))) {
                track.add(new OutEvent.Sounding(line.start(i), line, i, true, false, false, true));
                track.add(new OutEvent.Sounding(line.end(i), line, i, false, false, false, true));
            }
        }
        if (track.size() > before) {
            order(track);
        }
    }

    /** The track of a part that the source file has none for. */
    private static List<OutEvent> named(Part part) {
        return new ArrayList<>(List.of(new OutEvent.Raw(0, text(MetaEvents.TRACK_NAME, part.name()), false),
                new OutEvent.Raw(0, Bytes.of(0xFF, 0x2F, 0), false)));
    }

    /** In time, what belongs together in an order that can be read back, the end of the track last. */
    private static void order(List<OutEvent> events) {
        Optional<OutEvent> end = Optional.empty();
        for (int i = events.size() - 1; i >= 0 && end.isEmpty(); i--) {
            if (events.get(i) instanceof OutEvent.Raw raw && raw.isEndOfTrack()) {
                end = Optional.of(events.remove(i));
            }
        }
        events.sort(BY_TICK);
        List<OutEvent> sorted = new ArrayList<>(events.size() + 1);
        PairingOrder ordered = new PairingOrder(sorted::add);
        events.forEach(ordered::add);
        ordered.end();
        Collections.copy(events, sorted);
        long last = events.isEmpty() ? 0 : events.get(events.size() - 1).tick();
        end.ifPresent(e -> events.add(new OutEvent.Raw(Math.max(last, e.tick()), ((OutEvent.Raw) e).bytes(), false)));
    }

    /** The first track of a song that was made here: title, tempo and metre. */
    private List<OutEvent> conductor() {
        List<OutEvent> events = new ArrayList<>(heading(true, true));
        events.addAll(times());
        events.sort(BY_TICK);
        events.add(new OutEvent.Raw(events.get(events.size() - 1).tick(), Bytes.of(0xFF, 0x2F, 0), false));
        return events;
    }

    /**
     * Title and copyright; nothing for a copyright that nobody claims. Both stand at time 0 of the first track. Source: Standard
     * MIDI File 1.0, meta events 02 and 03.
     */
    private List<OutEvent> heading(boolean title, boolean copyright) {
        List<OutEvent> events = new ArrayList<>();
        if (title) {
            events.add(new OutEvent.Raw(0, text(MetaEvents.TRACK_NAME, song.title()), false));
        }
        if (copyright && !song.credits().copyright().isEmpty()) {
            events.add(new OutEvent.Raw(0, text(MetaEvents.COPYRIGHT, song.credits().copyright()), false));
        }
        return events;
    }

    private List<OutEvent> times() {
        List<OutEvent> events = new ArrayList<>();
        for (Metre metre : song.time().metres()) {
            events.add(new OutEvent.Raw(metre.tick(), Bytes.of(0xFF, MetaEvents.TIME_SIGNATURE, 4, metre.numerator(),
                    Integer.numberOfTrailingZeros(metre.denominator()), 96 * metre.beatsPerPulse() / metre.denominator(), 8),
                    false));
        }
        for (Tempo tempo : song.time().tempos()) {
            int value = tempo.microsecondsPerQuarter();
            events.add(new OutEvent.Raw(tempo.tick(),
                    Bytes.of(0xFF, MetaEvents.TEMPO, 3, value >> 16, value >> 8, value), false));
        }
        return events;
    }

    private static Bytes text(int type, String text) {
        byte[] content = text.getBytes(StandardCharsets.UTF_8);
        ByteSink event = new ByteSink(content.length + 8);
        event.add(0xFF);
        event.add(type);
        event.addQuantity(content.length);
        event.add(Bytes.of(content, 0, content.length));
        return Bytes.of(event.toArray(), 0, event.length());
    }
}
