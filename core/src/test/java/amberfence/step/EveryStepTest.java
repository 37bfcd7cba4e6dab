package amberfence.step;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectReader;
import amberfence.format.project.ProjectWriter;
import amberfence.notes.ChordSpan;
import amberfence.notes.Fence;
import amberfence.notes.Grid;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteIdentity;
import amberfence.notes.NoteSet;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.reading.SoundingChords;
import amberfence.song.Song;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.MoveTo;
import amberfence.step.move.Fold;
import amberfence.step.pick.Pick;
import amberfence.step.shape.TidyTiming;
import amberfence.theory.Chord;
import amberfence.theory.ChordKinds;
import amberfence.theory.Key;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClass;
import amberfence.theory.Scales;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.statistics.Statistics;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;

/** What holds for every step, over random parts, keys, settings and picks. */
class EveryStepTest {
    private static final int ROUNDS = 2500;
    private static final TimeMap TIME = TimeMap.usual(480);
    private Random random = new Random(2026);

    @Provide
    Arbitrary<Chance> chance() {
        return Chance.some();
    }

    private Line line(int most) {
        List<Note> notes = new ArrayList<>();
        int count = random.nextInt(most + 1);
        for (int i = 0; i < count; i++) {
            boolean atTheEnd = random.nextInt(12) == 0;
            // A third are made notes, as a step before would have left them.
            long id = random.nextInt(3) == 0 ? NoteIdentity.derived(i + 1, 77, 0) : i + 1;
            notes.add(new Note(id, random.nextInt(40) * 60L + (random.nextBoolean() ? 0 : random.nextInt(60)),
                    1 + random.nextInt(500), atTheEnd ? random.nextInt(128) : 45 + random.nextInt(36),
                    1 + random.nextInt(127), random.nextInt(3), random.nextInt(128)));
        }
        return Line.of(notes);
    }

    private Key key() {
        return Key.of(new PitchClass(random.nextInt(12)), Scales.all().get(random.nextInt(Scales.all().size())));
    }

    private <T> T any(T[] values) {
        return values[random.nextInt(values.length)];
    }

    private Step step() {
        return new RandomSettings(random).step(StepCatalogue.all().get(random.nextInt(StepCatalogue.all().size())));
    }

    /** Chords with and without gaps between them, some very short. */
    private Progression progression() {
        List<ChordSpan> spans = new ArrayList<>();
        long at = random.nextInt(600);
        for (int i = random.nextInt(6); i > 0; i--) {
            long end = at + (random.nextInt(5) == 0 ? 1 : 1 + random.nextInt(1200));
            spans.add(ChordSpan.of(i, at, end, Chord.of(NoteName.parse("CDEFGAB".charAt(random.nextInt(7)) + ""),
                    ChordKinds.all().get(random.nextInt(ChordKinds.all().size())))));
            at = end + (random.nextBoolean() ? 0 : random.nextInt(500));
        }
        return new Progression(spans);
    }

    private static boolean touches(Step step, Touch what) {
        return StepCatalogue.of(step).touches().contains(what);
    }

    private static boolean mayMake(Step step) {
        return touches(step, Touch.COUNT);
    }

    private Surroundings around(Line line, Key key) {
        Surroundings all = Surroundings.of(Fence.of(KeyPlan.of(key)).along(TIME), TIME, Role.MELODY, SoundingChords.NONE)
                .withProgression(progression());
        String[] picks = {"lowest", "outside", "off beat or velocity 1 to 50", "every 2", "degree 3", "not overlapping"};
        NoteSet picked = random.nextInt(3) > 0 ? NoteSet.ALL : Pick.parse(any(picks)).choose(line, all);
        List<Long> left = new ArrayList<>();
        line.notes().forEach(note -> {
            if (random.nextInt(6) == 0) {
                left.add(note.id());
            }
        });
        return all.withNotes(picked, NoteSet.of(left));
    }

    private static Map<Long, Note> byId(Line line) {
        Map<Long, Note> notes = new HashMap<>();
        line.notes().forEach(note -> notes.put(note.id(), note));
        return notes;
    }

    @Test
    void theListOfRandomStepsHoldsEveryKind() {
        Set<String> made = new TreeSet<>();
        for (int i = 0; i < 300; i++) {
            made.add(StepCatalogue.of(step()).name());
        }
        assertThat(made).hasSameSizeAs(StepCatalogue.all());
    }

    @Property(tries = ROUNDS)
    void givesTheSameUnderOtherChordsUnlessItsSchemaSaysThatItAnswersToThem(@ForAll("chance") Chance chance) {
        random = chance;
        Step step = step();
        Statistics.label("asks for no chord").collect(!StepCatalogue.of(step).answersToChords(step))
                .coverage(coverage -> coverage.check(true).percentage(share -> share > 25));
        if (!StepCatalogue.of(step).answersToChords(step)) {
            Line line = line(12);
            Surroundings here = around(line, key());
            Progression others = progression();
            Surroundings there = new Surroundings(here.fence(), TIME, here.role(), SoundingChords.of(others), others, here.others(), here.bank(), 0, here.slot(), here.picked(), here.left(), Map.of(),
                    here.read());
            assertThat(step.tried(line, there)).as("%s on %s", step, line).isEqualTo(step.tried(line, here));
        }
    }

    @Property(tries = ROUNDS)
    void touchesOnlyWhatItsSchemaSays(@ForAll("chance") Chance chance) {
        random = chance;
        Line line = line(24);
        Step step = step();
        Outcome outcome = step.apply(line, around(line, key()));
        Map<Long, Note> before = byId(line);
        List<Note> made = outcome.changes().stream().filter(Change::isMade).map(Change::note).toList();
        assertThat(outcome.out().notes()).containsAll(made);
        for (Note note : outcome.out().notes()) {
            Note was = before.get(note.id());
            if (was == null) {
                assertThat(mayMake(step)).as("%s", step).isTrue();
                assertThat(made).contains(note);
                continue;
            }
            Note same = touches(step, Touch.PITCH) ? note.withPitch(was.pitch()) : note;
            same = touches(step, Touch.BEGINNINGS) ? same.withStart(was.start()) : same;
            same = touches(step, Touch.LENGTHS) ? same.withLength(was.length()) : same;
            same = touches(step, Touch.VELOCITIES) ? same.withVelocity(was.velocity()) : same;
            assertThat(same).as("%s", step).isEqualTo(was);
        }
        long lost = outcome.changes().stream().filter(Change::isRemoved).count();
        assertThat(lost == 0 || mayMake(step)).as("%s", step).isTrue();
        assertThat(outcome.out().size()).isEqualTo(line.size() + made.size() - lost);
    }

    @Property(tries = ROUNDS)
    void everyChangeCanBeLeft(@ForAll("chance") Chance chance) {
        random = chance;
        Line line = line(12);
        Step step = step();
        Surroundings around = around(line, key());
        Outcome outcome = step.apply(line, around);
        if (outcome.changes().isEmpty()) {
            return;
        }
        Change change = outcome.changes().get(random.nextInt(outcome.changes().size()));
        Surroundings leaving = around.withNotes(around.picked(), around.left().with(List.of(change.note().id()), true));
        Outcome left = step.apply(line, leaving);
        if (change.isMade()) {
            assertThat(left.out().notes()).as("%s", step).doesNotContain(change.note());
        } else {
            assertThat(left.out().notes()).as("%s", step).contains(change.note());
        }
        assertThat(left.changes()).noneMatch(some -> some.note().id() == change.note().id());
    }

    @Property(tries = ROUNDS / 2)
    void comesBackFromItsTextsAndFromAProject(@ForAll("chance") Chance chance) throws Exception {
        random = chance;
        Step step = step();
        StepSchema<?> schema = StepCatalogue.of(step);
        Map<String, String> texts = schema.texts(step, SettingTexts.ALONE);
        texts.values().removeIf(String::isEmpty);
        assertThat(schema.read(texts, SettingTexts.ALONE)).as("%s", texts).isEqualTo(step);
        Song song = LanternFerry.song().plusStep(1, step);
        Song back = ProjectReader.read(ProjectWriter.write(ProjectDocument.of(song)), "x").song();
        assertThat(back.part(1).steps()).as("%s", texts).isEqualTo(song.part(1).steps());
    }

    @Property(tries = ROUNDS)
    void everyDifferenceIsAChangeWithAReasonAndEveryChangeADifference(@ForAll("chance") Chance chance) {
        random = chance;
        StepWords words = new StepWords(Integer::toString);
        Line line = line(24);
        Surroundings around = around(line, key());
        Outcome outcome = step().apply(line, around);
        Map<Long, Note> after = byId(outcome.out());
        Map<Long, Change> changes = new HashMap<>();
        outcome.changes().forEach(change -> assertThat(changes.put(change.note().id(), change)).isNull());
        for (Note note : line.notes()) {
            Note now = after.get(note.id());
            assertThat(changes.containsKey(note.id())).isEqualTo(!note.equals(now));
            if (changes.containsKey(note.id())) {
                assertThat(around.isFree(note)).as("what is not picked or is left by hand stays").isTrue();
                assertThat(words.sentence(changes.get(note.id()).reason())).isNotBlank();
            }
        }
        outcome.findings().forEach(finding -> assertThat(words.sentence(finding)).isNotBlank());
        outcome.kept().forEach(kept -> assertThat(after.get(kept.note().id())).isEqualTo(kept.isUnmade() ? null : kept.note()));
        assertThat(outcome.untouched()).isNotNegative();
    }

    @Property(tries = ROUNDS / 4)
    void theSameLineAndSettingsGiveTheSameOutcome(@ForAll("chance") Chance chance) {
        random = chance;
        Line line = line(24);
        Surroundings around = around(line, key());
        Step step = step();
        Outcome once = step.apply(line, around);
        assertThat(step.apply(line, around)).isEqualTo(once);
        assertThat(step.apply(Line.of(List.copyOf(line.notes())), around)).isEqualTo(once);
    }

    @Property(tries = ROUNDS / 4)
    void foldingGriddingAndBringingInsideTwiceIsDoingItOnce(@ForAll("chance") Chance chance) {
        random = chance;
        List<Step> steps = List.of(BringInside.USUAL, BringInside.USUAL.withMoveTo(MoveTo.UP), Fold.around(55),
                TidyTiming.USUAL, new TidyTiming(Grid.parse("1/8t"), TidyTiming.Ends.BOTH, 100, 50));
        Line line = line(16);
        Surroundings around = Surroundings.of(Fence.of(KeyPlan.of(key())).along(TIME), TIME, Role.MELODY, SoundingChords.NONE);
        for (Step step : steps) {
            Line once = step.apply(line, around).out();
            assertThat(step.apply(once, around).out()).as("%s", step).isEqualTo(once);
        }
    }

    @Property(tries = ROUNDS / 4)
    void leavesAnEmptyLineEmptyAndNeverLosesOneNote(@ForAll("chance") Chance chance) {
        random = chance;
        Step step = step();
        Line one = line(1);
        if (!mayMake(step)) {
            assertThat(step.apply(Line.EMPTY, around(Line.EMPTY, key())).out().isEmpty()).isTrue();
        }
        if (!mayMake(step)) {
            assertThat(step.apply(one, around(one, key())).out().size()).isGreaterThanOrEqualTo(one.size());
        }
    }

    /** No measurement, only that nothing grows out of hand; {@code ./bench} measures. */
    @Test
    void managesAHundredThousandNotes() {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < 100_000; i++) {
            notes.add(new Note(i % 4 == 0 ? NoteIdentity.derived(i + 1, 5, 0) : i + 1, i / 3 * 120L, 100 + random.nextInt(40), 36 + random.nextInt(60), 80, 0, 64));
        }
        Line line = Line.of(notes);
        List<ChordSpan> chords = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            chords.add(ChordSpan.of(200_000 + i, i * 9000L, (i + 1) * 9000L, Chord.parse(i % 2 == 0 ? "Cm7" : "Fm")));
        }
        Surroundings around = Surroundings.of(Fence.of(KeyPlan.of(Key.parse("C minor pentatonic"))).along(TIME), TIME, Role.MELODY,
                SoundingChords.NONE).withProgression(new Progression(chords));
        for (StepSchema<?> kind : StepCatalogue.all()) {
            Outcome outcome = Assertions.assertTimeoutPreemptively(Duration.ofMinutes(1),
                    () -> kind.usual().apply(line, around), kind.name());
            assertThat(outcome.findings()).as(kind.name()).noneMatch(finding -> finding instanceof Finding.NoProgression
                    || finding instanceof Finding.Failed);
            assertThat(outcome.considered()).isEqualTo(line.size());
        }
        for (String rule : List.of("lowest", "voice 2", "overlapping", "every 3", "on beat")) {
            assertThat(Pick.parse(rule).choose(line, around).count(line)).isPositive();
        }
    }
}
