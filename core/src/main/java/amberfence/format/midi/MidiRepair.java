package amberfence.format.midi;

import amberfence.format.Notice;
import amberfence.song.Bytes;
import amberfence.song.SourceEvent;
import amberfence.song.SourceEvents;
import amberfence.song.SourceFile;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a file held, as a valid Standard MIDI File may hold it (Standard MIDI Files 1.0, 1988, from memory). A file that is
 * given back as it was needs none of this; as soon as something in it changes, what is written has to be right.
 *
 * @param repairs what could not stay as it was
 */
record MidiRepair(SourceFile source, List<Notice> repairs) {
    private static final int END_OF_TRACK = 0x2F;
    /** How many bytes of data some meta events have to have. */
    private static final Map<Integer, Integer> LENGTHS = Map.of(0x20, 1, 0x21, 1, END_OF_TRACK, 0, MetaEvents.TEMPO, 3, 0x54, 5,
            MetaEvents.TIME_SIGNATURE, 4, MetaEvents.KEY_SIGNATURE, 2);

    static MidiRepair of(SourceFile source) {
        List<Notice> repairs = new ArrayList<>();
        List<SourceFile.Chunk> chunks = new ArrayList<>();
        int track = 0;
        for (SourceFile.Chunk chunk : source.chunks()) {
            chunks.add(chunk instanceof SourceFile.Track found ? repaired(found, Texts.say("track %s", ++track), repairs) : chunk);
        }
        int type = source.type() == 0 && track > 1 ? 1 : source.type();
        if (type != source.type()) {
            repairs.add(new Notice(Texts.say("header"), Texts.say("type 0 holds one track; the file is written as type 1")));
        }
        return new MidiRepair(new SourceFile(type, source.division(), source.headerRest(), chunks, source.original()),
                List.copyOf(repairs));
    }

    private static SourceFile.Track repaired(SourceFile.Track track, String place, List<Notice> repairs) {
        if (track.rest().length() == 0 && track.events().others().stream().allMatch(MidiRepair::isRight)) {
            return track;
        }
        Map<String, Integer> tallies = new LinkedHashMap<>();
        SourceEvents events = track.events().withOthers(other -> repaired(other, tallies));
        tallies.forEach((what, count) -> repairs.add(new Notice(place, Texts.say("%s left out: %s", what, count))));
        if (track.rest().length() > 0) {
            repairs.add(new Notice(place, Texts.say("bytes behind the end of the track left out: %s", track.rest().length())));
        }
        return new SourceFile.Track(events, Bytes.EMPTY);
    }

    /** An event as it may stand in a file; nothing when it may not. */
    private static Optional<SourceEvent.Other> repaired(SourceEvent.Other event, Map<String, Integer> tallies) {
        if (event.channel() >= 0) {
            return Optional.of(event);
        }
        String trouble = trouble(event);
        if (trouble.isEmpty()) {
            return Optional.of(new SourceEvent.Other(event.tick(), plain(event.bytes()), event.running()));
        }
        if (event.metaType() == END_OF_TRACK) {
            return Optional.of(new SourceEvent.Other(event.tick(), Bytes.of(0xFF, END_OF_TRACK, 0), false));
        }
        tallies.merge(trouble, 1, Integer::sum);
        return Optional.empty();
    }

    private static boolean isRight(SourceEvent.Other event) {
        return event.channel() >= 0 || trouble(event).isEmpty() && plain(event.bytes()) == event.bytes();
    }

    /** Why an event may not stand in a file; nothing when it may. */
    private static String trouble(SourceEvent.Other event) {
        int status = event.bytes().at(0);
        if (status != 0xFF) {
            return status != 0xF0 && status != 0xF7 ? Texts.say("events that a file may not hold")
                    : status == 0xF0 && !isExclusive(data(event.bytes(), 1)) ? Texts.say("system exclusive messages with impossible bytes") : "";
        }
        int type = event.metaType();
        if (type > 127) {
            return Texts.say("meta events of an impossible type");
        }
        Bytes data = data(event.bytes(), 2);
        Integer length = LENGTHS.get(type);
        return length != null && length != data.length() ? Texts.say("meta events of a wrong length")
                : isSense(type, data) ? "" : Texts.say("tempi, metres or keys that cannot be");
    }

    private static boolean isSense(int type, Bytes data) {
        return switch (type) {
            case MetaEvents.TEMPO -> (data.at(0) | data.at(1) | data.at(2)) != 0;
            case MetaEvents.TIME_SIGNATURE -> data.at(0) != 0;
            case MetaEvents.KEY_SIGNATURE -> Math.abs((byte) data.at(0)) <= 7 && data.at(1) <= 1;
            default -> true;
        };
    }

    /** Data bytes below 128, with or without the end of the message, which a later packet may bring. */
    private static boolean isExclusive(Bytes data) {
        for (int i = 0; i < data.length(); i++) {
            if (data.at(i) > 0x7F && !(data.at(i) == 0xF7 && i == data.length() - 1)) {
                return false;
            }
        }
        return true;
    }

    private static int dataStart(Bytes event, int lengthAt) {
        int at = lengthAt;
        while (event.at(at) >= 0x80) {
            at++;
        }
        return at + 1;
    }

    private static Bytes data(Bytes event, int lengthAt) {
        int from = dataStart(event, lengthAt);
        return Bytes.of(event.toArray(), from, event.length() - from);
    }

    /** The event with its length told in as few bytes as it takes; a file may use four at most. */
    private static Bytes plain(Bytes event) {
        int lengthAt = event.at(0) == 0xFF ? 2 : 1;
        int from = dataStart(event, lengthAt);
        if (from == lengthAt + 1) {
            return event;
        }
        ByteSink out = new ByteSink(event.length());
        for (int i = 0; i < lengthAt; i++) {
            out.add(event.at(i));
        }
        out.addQuantity(event.length() - from);
        out.add(data(event, lengthAt));
        return Bytes.of(out.toArray(), 0, out.length());
    }
}
