package amberfence.format.musicxml;

import amberfence.format.Notice;
import amberfence.format.ReadSong;
import amberfence.format.SongLimits;
import amberfence.format.UnreadableFileException;
import amberfence.format.musicxml.WrittenBars.TimeSignature;
import amberfence.format.musicxml.WrittenScore.WrittenPart;
import amberfence.notes.ChordSpan;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.KeySpan;
import amberfence.notes.Line;
import amberfence.notes.Metre;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.reading.RoleGuess;
import amberfence.song.LeftPlaces;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.PartSound;
import amberfence.song.Song;
import amberfence.theory.Key;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import org.audiveris.proxymusic.PartName;

/** Makes a song of a score: everything sounding pitch, with repeats and jumps played out. */
final class ScoreReader {
    /** More notes than these no repeat makes on purpose. */
    private static final int MOST_NOTES = 4_000_000;
    private final WrittenScore score;
    private final String name;
    private final LeftOut leftOut = new LeftOut();
    private final List<Notice> notices = new ArrayList<>();
    private final WrittenBars written;
    private List<Integer> order;
    private double[] starts;
    private int ticksPerQuarter;
    private long nextId = 1;

    ScoreReader(WrittenScore score, String name) {
        this.score = score;
        this.name = name;
        this.written = new WrittenBars(score.bars());
    }

    ReadSong read() throws UnreadableFileException {
        if (score.parts().isEmpty() || score.bars() == 0) {
            throw new UnreadableFileException(Texts.say("%s holds no part with a bar in it", name));
        }
        ticksPerQuarter = Resolution.of(score);
        List<PartScan> scans = score.parts().stream().map(part -> new PartScan(part, written, leftOut, name)).toList();
        List<List<BarEvents>> events = new ArrayList<>();
        for (PartScan scan : scans) {
            events.add(scan.scan());
        }
        order();
        TimeMap time = new TimeMap(ticksPerQuarter, tempos(events), metres());
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < events.size(); i++) {
            parts.add(part(i, events.get(i), scans.get(i).isDrums()));
        }
        Progression progression = progression(events);
        KeyPlan keys = keys(time);
        Song song = new Song(score.title().isEmpty() ? name.replaceFirst("\\.[^.]*$", "") : score.title(), score.credits(), time, Fence.of(keys), progression,
                parts, Origin.SCORE, Optional.empty(), LeftPlaces.NONE, nextId);
        notices.addAll(leftOut.notices(bar -> Math.max(0, order.indexOf(bar)) + 1));
        return new ReadSong(SongLimits.checked(song, name), notices, written.namesKey() ? Optional.of(keys.first()) : Optional.empty());
    }

    private void order() throws UnreadableFileException {
        if (BarMarks.isEndless(written.marks())) {
            throw new UnreadableFileException(Texts.say("%s repeats bars more than 100 times", name));
        }
        try {
            order = PlayingOrder.of(written.marks(), leftOut);
        } catch (PlayingOrder.EndlessException e) {
            throw new UnreadableFileException(Texts.say("%s plays more than %s bars", name, PlayingOrder.MOST_BARS));
        }
        if (order.size() != written.count()) {
            notices.add(new Notice("", Texts.say("repeats and jumps are played out: %s bars became %s", written.count(), order.size())));
        }
        double[] lengths = written.lengths();
        starts = new double[order.size() + 1];
        for (int i = 0; i < order.size(); i++) {
            starts[i + 1] = starts[i] + lengths[order.get(i)] * ticksPerQuarter;
        }
    }

    private long tick(double ticks) {
        return Math.round(ticks);
    }

    /** A metre begins where it changes, and again behind each bar that is longer or shorter than it says, so that bars stay bars. */
    private List<Metre> metres() {
        Map<Long, Metre> metres = new TreeMap<>();
        List<Optional<TimeSignature>> signatures = written.signatures();
        TimeSignature now = null;
        for (int i = 0; i < order.size(); i++) {
            double quarters = (starts[i + 1] - starts[i]) / ticksPerQuarter;
            TimeSignature wanted = signatures.get(order.get(i)).filter(signature -> quarters <= signature.quarters() + 1e-9)
                    .or(() -> TimeSignature.ofQuarters(quarters)).orElse(now == null ? TimeSignature.USUAL : now);
            if (!wanted.equals(now) || i > 0 && !metres.containsKey(tick(starts[i])) && isOdd(i - 1, now)) {
                metres.put(tick(starts[i]), wanted.metre(tick(starts[i])));
                now = wanted;
            }
        }
        return List.copyOf(metres.values());
    }

    private boolean isOdd(int bar, TimeSignature time) {
        return Math.abs((starts[bar + 1] - starts[bar]) / ticksPerQuarter - time.quarters()) > 1e-9;
    }

    private List<Tempo> tempos(List<List<BarEvents>> events) {
        Map<Long, BarEvents.Mark> marks = new TreeMap<>();
        for (int i = 0; i < order.size(); i++) {
            for (List<BarEvents> part : events) {
                for (BarEvents.Mark mark : part.get(order.get(i)).tempos()) {
                    marks.merge(tick(starts[i] + mark.at() * ticksPerQuarter), mark, (old, same) -> same.heard() && !old.heard() ? same : old);
                }
            }
        }
        List<Tempo> tempos = new ArrayList<>();
        if (!marks.containsKey(0L)) {
            tempos.add(new Tempo(0, Tempo.USUAL));
        }
        marks.forEach((tick, mark) -> {
            int microseconds = (int) Math.max(1, Math.min(0xFFFFFF, Math.round(60e6 / mark.quartersPerMinute())));
            if (tempos.isEmpty() || tempos.get(tempos.size() - 1).microsecondsPerQuarter() != microseconds) {
                tempos.add(new Tempo(tick, microseconds));
            }
        });
        return tempos;
    }

    private Part part(int index, List<BarEvents> bars, boolean drums) throws UnreadableFileException {
        WrittenPart part = score.parts().get(index);
        ScoreInstruments instruments = new ScoreInstruments(part.head());
        int free = index < Song.PERCUSSION ? index : (index + 1) % 16;
        int channel = instruments.channel().orElse(drums ? Song.PERCUSSION : free == Song.PERCUSSION ? 0 : free);
        PartPlayer player = new PartPlayer(ticksPerQuarter, channel, () -> nextId++);
        for (int i = 0; i < order.size(); i++) {
            player.play(bars.get(order.get(i)), starts[i]);
            if (player.count() + nextId > MOST_NOTES) {
                throw new UnreadableFileException(Texts.say("%s plays more than %s million notes", name, MOST_NOTES / 1_000_000));
            }
        }
        Line line = player.line();
        String given = Optional.ofNullable(part.head().getPartName()).map(PartName::getValue).orElse("").strip();
        Part made = Part.of(index, given.isEmpty() ? "Part " + (index + 1) : given, drums || channel == Song.PERCUSSION ? Role.DRUMS : RoleGuess.of(line),
                OptionalInt.of(index), channel, line);
        return made.withSound(PartSound.USUAL.withProgram(instruments.program()));
    }

    /** The chords of the first part that has any: each holds until the next one, the last to the end of the song. */
    private Progression progression(List<List<BarEvents>> events) {
        Optional<List<BarEvents>> part = events.stream().filter(bars -> bars.stream().anyMatch(bar -> !bar.chords().isEmpty())).findFirst();
        TreeMap<Long, BarEvents.Harmony> places = new TreeMap<>();
        for (int i = 0; part.isPresent() && i < order.size(); i++) {
            for (BarEvents.Harmony harmony : part.get().get(order.get(i)).chords()) {
                places.put(tick(starts[i] + harmony.at() * ticksPerQuarter), harmony);
            }
        }
        List<ChordSpan> spans = new ArrayList<>();
        places.forEach((start, harmony) -> {
            Long next = places.higherKey(start);
            long end = next == null ? tick(starts[order.size()]) : next;
            if (harmony.chord().isPresent() && end > start) {
                spans.add(ChordSpan.of(nextId++, start, end, harmony.chord().get()));
            }
        });
        return new Progression(spans);
    }

    private KeyPlan keys(TimeMap time) {
        List<Key> keys = written.keys();
        List<KeySpan> spans = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            Key key = keys.get(order.get(i));
            int bar = i == 0 ? 1 : time.barOf(tick(starts[i]));
            if (spans.isEmpty() || !spans.get(spans.size() - 1).key().equals(key) && bar > spans.get(spans.size() - 1).fromBar()) {
                spans.add(new KeySpan(bar, key));
            }
        }
        return new KeyPlan(spans);
    }
}
