package amberfence.step;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.format.sheet.ChordChart;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.reading.SoundingChords;
import amberfence.step.pick.Pick;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;

/** The sentence in which the tests of steps speak: {@code doing(step).on("C4 E4").in("C major").gives("D4 F4")}. */
public final class Doing {
    /** Ticks of a length of 1 in these tests: an eighth. */
    public static final int UNIT = 240;
    private final Step step;
    private Line line = Line.EMPTY;
    private Key key = Key.parse("C major");
    private TimeMap time = TimeMap.usual(480);
    private Role role = Role.MELODY;
    private SoundingChords chords = SoundingChords.NONE;
    private String chart = "";
    private Progression given = Progression.EMPTY;
    private String pick = "";
    private NoteSet left = NoteSet.NONE;
    private Map<Long, String> resolved = Map.of();

    private Doing(Step step) {
        this.step = step;
    }

    public static Doing doing(Step step) {
        return new Doing(step);
    }

    /** Notes as text, identities from 1. */
    public Doing on(String text) {
        return on(LineText.parse(text, UNIT, 0, 1));
    }

    public Doing on(Line newLine) {
        line = newLine;
        return this;
    }

    /** Notes on middle C, given as their starts and ends in ticks. */
    public Doing onTicks(long... startsAndEnds) {
        return on(ticks(startsAndEnds));
    }

    private static Line ticks(long... startsAndEnds) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < startsAndEnds.length; i += 2) {
            notes.add(new Note(i / 2 + 1, startsAndEnds[i], startsAndEnds[i + 1] - startsAndEnds[i], 60, 80, 0, 64));
        }
        return Line.of(notes);
    }

    public Doing in(String keyText) {
        key = Key.parse(keyText);
        return this;
    }

    public Doing in(TimeMap newTime) {
        time = newTime;
        return this;
    }

    public Doing as(Role newRole) {
        role = newRole;
        return this;
    }

    public Doing over(SoundingChords sounding) {
        chords = sounding;
        return this;
    }

    /** The song's progression, as a chart from the first bar on: {@code "| Dm7 G7 | C |"}. */
    public Doing under(String chordChart) {
        chart = chordChart;
        return this;
    }

    /** The song's progression, with its voicings. */
    public Doing under(Progression chords) {
        given = chords;
        return this;
    }

    /** The chords of a chart in time. */
    public static Progression progression(String chart, TimeMap time, Key key) {
        AtomicLong ids = new AtomicLong();
        return chart.isEmpty() ? Progression.EMPTY
                : new Progression(ChordChart.read(chart, time, 1, ids::incrementAndGet, key));
    }

    /** Limits the step to a pick. */
    public Doing onlyOn(String rule) {
        pick = rule;
        return this;
    }

    public Doing leaving(Long... notes) {
        left = NoteSet.of(List.of(notes));
        return this;
    }

    /** Ways out that were chosen by hand, by the identity of the note. */
    public Doing resolved(Map<Long, String> ways) {
        resolved = ways;
        return this;
    }

    public Surroundings around() {
        Surroundings all = Surroundings.of(Fence.of(KeyPlan.of(key)).along(time), time, role, chords)
                .withProgression(chart.isEmpty() ? given : progression(chart, time, key));
        return all.in(new StepSlot(0, true, false, step, Optional.empty(), left, resolved), pick.isEmpty() ? NoteSet.ALL
                : Pick.parse(pick).choose(line, all));
    }

    public Outcome outcome() {
        return step.apply(line, around());
    }

    /** Pitches and times together. */
    public Doing gives(String text) {
        assertThat(shape(outcome().out())).as("%s by %s in %s", shape(line), step, key)
                .isEqualTo(shape(LineText.parse(text, UNIT, 0, 1)));
        return this;
    }

    public Doing givesTicks(long... startsAndEnds) {
        assertThat(shape(outcome().out())).as("%s by %s", shape(line), step).isEqualTo(shape(ticks(startsAndEnds)));
        return this;
    }

    private static List<String> shape(Line line) {
        return line.notes().stream().map(note -> note.pitch() + "@" + note.start() + "–" + note.end()).toList();
    }

    public Doing because(String... sentences) {
        assertThat(outcome().changes()).extracting(change -> words().sentence(change.reason())).containsExactly(sentences);
        return this;
    }

    public Doing finding(String... sentences) {
        assertThat(outcome().findings()).extracting((Finding finding) -> words().sentence(finding)).containsExactly(sentences);
        return this;
    }

    private StepWords words() {
        return new StepWords(pitch -> key.spelling().pitch(pitch).text());
    }
}
