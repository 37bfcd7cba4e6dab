package amberfence.format.midi;

import amberfence.format.Notice;
import amberfence.notes.Metre;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.song.Bytes;
import amberfence.song.SourceEvent;
import amberfence.song.SourceFile;
import amberfence.theory.Key;
import amberfence.theory.NoteName;
import amberfence.theory.Scales;
import amberfence.words.Texts;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/** What the meta events of a file say: names, tempo, metre and key. Values that make no sense are noticed and skipped. */
final class MetaEvents {
    static final int COPYRIGHT = 0x02;
    static final int TRACK_NAME = 0x03;
    static final int TEMPO = 0x51;
    static final int TIME_SIGNATURE = 0x58;
    static final int KEY_SIGNATURE = 0x59;

    private final SourceFile source;
    private final List<Notice> notices;
    private final List<String> trackNames = new ArrayList<>();
    private final TreeMap<Long, Tempo> tempos = new TreeMap<>();
    private final TreeMap<Long, Metre> metres = new TreeMap<>();
    private Key key;
    private String copyright = "";

    private MetaEvents(SourceFile source, List<Notice> notices) {
        this.source = source;
        this.notices = notices;
    }

    static MetaEvents of(SourceFile source, List<Notice> notices) {
        MetaEvents meta = new MetaEvents(source, notices);
        for (SourceFile.Track track : source.tracks()) {
            meta.trackNames.add("");
            track.events().others().stream().filter(event -> event.metaType() >= 0).forEach(meta::read);
        }
        return meta;
    }

    private void read(SourceEvent.Other event) {
        Bytes data = data(event.bytes());
        boolean counts = source.type() != 2 || trackNames.size() == 1;
        switch (event.metaType()) {
            case COPYRIGHT -> {
                if (copyright.isEmpty()) {
                    copyright = text(data).strip();
                }
            }
            case TRACK_NAME -> {
                int last = trackNames.size() - 1;
                if (trackNames.get(last).isEmpty()) {
                    trackNames.set(last, text(data).strip());
                }
            }
            case TEMPO -> {
                int microseconds = data.length() < 3 ? 0 : data.at(0) << 16 | data.at(1) << 8 | data.at(2);
                if (microseconds == 0) {
                    skipped(Texts.say("tempo"), event);
                } else if (counts) {
                    tempos.put(event.tick(), new Tempo(event.tick(), microseconds));
                }
            }
            case TIME_SIGNATURE -> {
                if (data.length() < 2 || data.at(0) == 0 || data.at(1) > 6) {
                    skipped(Texts.say("metre"), event);
                } else if (counts) {
                    metres.put(event.tick(), new Metre(event.tick(), data.at(0), 1 << data.at(1)));
                }
            }
            case KEY_SIGNATURE -> readKey(data, event);
            default -> { }
        }
    }

    private void readKey(Bytes data, SourceEvent.Other event) {
        int fifths = data.length() < 2 ? 99 : (byte) data.at(0);
        if (Math.abs(fifths) > 7 || data.at(1) > 1) {
            skipped(Texts.say("key signature"), event);
        } else if (key == null) {
            boolean minor = data.at(1) == 1;
            key = new Key(NoteName.ofFifths(fifths + (minor ? 3 : 0)), minor ? Scales.MINOR : Scales.MAJOR);
        }
    }

    private void skipped(String what, SourceEvent.Other event) {
        notices.add(new Notice(Texts.say("track %s",
                trackNames.size()), Texts.say("a %s at tick %s makes no sense and does not count; it is passed on as it is", what, event.tick())));
    }

    /** The data of a meta event, without type and length. */
    private static Bytes data(Bytes event) {
        int at = 2;
        while (event.at(at) >= 0x80) {
            at++;
        }
        return Bytes.of(event.toArray(), at + 1, event.length() - at - 1);
    }

    /** Text in UTF-8 where it is that, else in Latin-1, which reads anything. */
    private static String text(Bytes data) {
        try {
            return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(data.toArray())).toString();
        } catch (CharacterCodingException e) {
            return new String(data.toArray(), StandardCharsets.ISO_8859_1);
        }
    }

    String trackName(int track) {
        return trackNames.get(track);
    }

    /** The name of the first track where the file has several, which is where a song's title stands. */
    Optional<String> title() {
        return trackNames.size() > 1 && !trackNames.get(0).isBlank() ? Optional.of(trackNames.get(0)) : Optional.empty();
    }

    /** The first copyright notice; empty when there is none. */
    String copyright() {
        return copyright;
    }

    Optional<Key> key() {
        return Optional.ofNullable(key);
    }

    TimeMap time() {
        if ((source.division() & 0x8000) != 0) {
            return smpte();
        }
        tempos.putIfAbsent(0L, new Tempo(0, Tempo.USUAL));
        metres.putIfAbsent(0L, new Metre(0, 4, 4));
        return new TimeMap(source.division(), List.copyOf(tempos.values()), List.copyOf(metres.values()));
    }

    /**
     * SMPTE time: ticks are shares of a frame, tempo has no say. A "quarter" of one second stands in, so that bars and
     * beats can be shown; 29 frames mean 30 drop-frame ones at 29.97 a second.
     */
    private TimeMap smpte() {
        int frames = -(byte) (source.division() >> 8);
        int ticksPerSecond = (frames == 29 ? 30 : frames) * (source.division() & 0xFF);
        Collection<Metre> fromFile = metres.values();
        List<Metre> all = new ArrayList<>(fromFile);
        if (all.isEmpty() || all.get(0).tick() > 0) {
            all.add(0, new Metre(0, 4, 4));
        }
        return new TimeMap(ticksPerSecond, List.of(new Tempo(0, frames == 29 ? 1_001_000 : 1_000_000)), all);
    }
}
