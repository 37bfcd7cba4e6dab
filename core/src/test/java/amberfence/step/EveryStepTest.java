package amberfence.step;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.reading.SoundingChords;
import amberfence.song.ChordSpan;
import amberfence.song.Fence;
import amberfence.song.Grid;
import amberfence.song.KeyPlan;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.song.NoteSet;
import amberfence.song.Progression;
import amberfence.song.Role;
import amberfence.song.TimeMap;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.chord.PlayChords;
import amberfence.step.chord.Rhythm;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.LetPass;
import amberfence.step.fence.MoveTo;
import amberfence.step.fence.Ties;
import amberfence.step.fit.Count;
import amberfence.step.fit.Figure;
import amberfence.step.fit.FitBass;
import amberfence.step.fit.FitChords;
import amberfence.step.fit.FitMelody;
import amberfence.step.fit.FollowChords;
import amberfence.step.fit.Harmony;
import amberfence.step.fit.HarmonyLine;
import amberfence.step.fit.Held;
import amberfence.step.move.Fold;
import amberfence.step.move.Mirror;
import amberfence.step.move.Move;
import amberfence.step.move.MoveToKey;
import amberfence.step.move.Reverse;
import amberfence.step.pick.Pick;
import amberfence.step.shape.Lengths;
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
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;

/** What holds for every step, over random parts, keys, settings and picks. */
class EveryStepTest {
    private static final int ROUNDS = 4000;
    private static final TimeMap TIME = TimeMap.usual(480);
    private final Random random = new Random(2026);

    private Line line(int most) {
        List<Note> notes = new ArrayList<>();
        int count = random.nextInt(most + 1);
        for (int i = 0; i < count; i++) {
            boolean atTheEnd = random.nextInt(12) == 0;
            notes.add(new Note(i + 1, random.nextInt(40) * 60L + (random.nextBoolean() ? 0 : random.nextInt(60)),
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
        return switch (random.nextInt(14)) {
            case 0 -> new BringInside(any(MoveTo.values()), any(Ties.values()), random.nextBoolean() ? LetPass.NOTHING
                    : new LetPass(random.nextBoolean(), random.nextBoolean(), random.nextBoolean(), 8), random.nextBoolean());
            case 1 -> new Move(any(Move.Unit.values()), random.nextInt(25) - 12);
            case 2 -> new MoveToKey(random.nextBoolean() ? Optional.empty() : Optional.of(key()), key(),
                    any(MoveToKey.Way.values()));
            case 3 -> new Mirror(random.nextInt(128), random.nextBoolean());
            case 4 -> new Reverse(any(Reverse.What.values()));
            case 5 -> Fold.around(random.nextInt(128));
            case 6 -> new TidyTiming(new Grid(1 << random.nextInt(6), any(Grid.Feel.values())), any(TidyTiming.Ends.values()),
                    random.nextInt(101), 50 + random.nextInt(31));
            case 7 -> PlayChords.USUAL.withRhythm(any(Rhythm.values()));
            case 8 -> new Harmony(any(Harmony.Way.values()), List.of(new HarmonyLine(2 + random.nextInt(14), true),
                    new HarmonyLine(2 + random.nextInt(14), false)), source(), random.nextBoolean(), random.nextBoolean(),
                    random.nextBoolean());
            case 9 -> new FitChords(source(), random.nextBoolean(), any(Held.values()));
            case 10 -> new FitBass(source(), any(FitBass.Strong.values()), new FitBass.Between(random.nextBoolean(),
                    random.nextBoolean(), random.nextBoolean()), random.nextInt(101), 30, 45 + random.nextInt(40), random.nextInt());
            case 11 -> new FitMelody(source(), any(FitMelody.Mode.values()), List.of(new FitMelody.Way(1 + random.nextInt(9),
                    random.nextBoolean())));
            case 12 -> new FollowChords(source(), random.nextBoolean() ? Figure.OWN_NOTES : figure(), random.nextInt(3),
                    random.nextBoolean() ? "" : "Em7", any(Count.values()), any(FollowChords.Register.values()),
                    any(FollowChords.Restart.values()), random.nextBoolean(), random.nextBoolean());
            default -> new Lengths(any(Lengths.How.values()), 1 + random.nextInt(200));
        };
    }

    private ChordSource source() {
        return ChordSource.USUAL.withGaps(any(ChordSource.Gaps.values()));
    }

    private Figure figure() {
        return new Figure(random.nextBoolean() ? "" : "F", 960, List.of(Figure.Note.of(0, 240, random.nextInt(5), 0),
                new Figure.Note(480, 700, random.nextInt(3), -1, random.nextInt(5) - 2, random.nextInt(3) - 1, 90)));
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

    private static boolean isAboutTime(Step step) {
        return step instanceof TidyTiming || step instanceof Lengths || step instanceof Reverse reverse
                && reverse.what() == Reverse.What.TIME;
    }

    private static boolean mayMake(Step step) {
        return step instanceof PlayChords || step instanceof Harmony || step instanceof FollowChords
                || step instanceof FitChords fit && fit.held() != Held.KEEP;
    }

    private Setting setting(Line line, Key key) {
        Setting all = Setting.of(Fence.of(KeyPlan.of(key)).along(TIME), TIME, Role.MELODY, SoundingChords.NONE)
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
            made.add(StepCatalogue.kindOf(step()).id());
        }
        assertThat(made).hasSameSizeAs(StepCatalogue.all());
    }

    @Test
    void pitchStepsTouchNoTimeAndTimeStepsNoPitchAndNothingElseChanges() {
        for (int round = 0; round < ROUNDS; round++) {
            Line line = line(24);
            Step step = step();
            Outcome outcome = step.apply(line, setting(line, key()));
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
                if (step instanceof FitChords fit && fit.held() != Held.KEEP) {
                    assertThat(note.length()).isLessThanOrEqualTo(was.length());
                    assertThat(note.withLength(was.length()).withPitch(was.pitch())).isEqualTo(was);
                    continue;
                }
                Note same = isAboutTime(step) ? note.withStart(was.start()).withLength(was.length())
                        : note.withPitch(was.pitch());
                assertThat(same).as("%s", step).isEqualTo(was);
            }
            boolean mayLose = step instanceof BringInside inside && inside.moveTo() == MoveTo.LEAVE_OUT
                    || step instanceof FollowChords follow && (follow.figure().isOwnNotes() ? follow.bars() > 0 : follow.instead());
            long lost = outcome.changes().stream().filter(Change::isRemoved).count();
            assertThat(lost == 0 || mayLose).as("%s", step).isTrue();
            assertThat(outcome.out().size()).isEqualTo(line.size() + made.size() - lost);
        }
    }

    @Test
    void everyDifferenceIsAChangeWithAReasonAndEveryChangeADifference() {
        StepWords words = new StepWords(Integer::toString);
        for (int round = 0; round < ROUNDS; round++) {
            Line line = line(24);
            Setting setting = setting(line, key());
            Outcome outcome = step().apply(line, setting);
            Map<Long, Note> after = byId(outcome.out());
            Map<Long, Change> changes = new HashMap<>();
            outcome.changes().forEach(change -> assertThat(changes.put(change.note().id(), change)).isNull());
            for (Note note : line.notes()) {
                Note now = after.get(note.id());
                assertThat(changes.containsKey(note.id())).isEqualTo(!note.equals(now));
                if (changes.containsKey(note.id())) {
                    assertThat(setting.isFree(note)).as("what is not picked or is left by hand stays").isTrue();
                    assertThat(words.sentence(changes.get(note.id()).reason())).isNotBlank();
                }
            }
            outcome.findings().forEach(finding -> assertThat(words.sentence(finding)).isNotBlank());
            outcome.kept().forEach(kept -> assertThat(after.get(kept.note().id())).isEqualTo(kept.isUnmade() ? null : kept.note()));
            assertThat(outcome.untouched()).isNotNegative();
        }
    }

    @Test
    void theSameLineAndSettingsGiveTheSameOutcome() {
        for (int round = 0; round < ROUNDS / 4; round++) {
            Line line = line(24);
            Setting setting = setting(line, key());
            Step step = step();
            Outcome once = step.apply(line, setting);
            assertThat(step.apply(line, setting)).isEqualTo(once);
            assertThat(step.apply(Line.of(List.copyOf(line.notes())), setting)).isEqualTo(once);
        }
    }

    @Test
    void foldingGriddingAndBringingInsideTwiceIsDoingItOnce() {
        List<Step> steps = List.of(BringInside.USUAL, BringInside.USUAL.withMoveTo(MoveTo.UP), Fold.around(55),
                TidyTiming.USUAL, new TidyTiming(Grid.parse("1/8t"), TidyTiming.Ends.BOTH, 100, 50));
        for (int round = 0; round < ROUNDS / 4; round++) {
            Line line = line(16);
            Setting setting = Setting.of(Fence.of(KeyPlan.of(key())).along(TIME), TIME, Role.MELODY, SoundingChords.NONE);
            for (Step step : steps) {
                Line once = step.apply(line, setting).out();
                assertThat(step.apply(once, setting).out()).as("%s", step).isEqualTo(once);
            }
        }
    }

    @Test
    void leavesAnEmptyLineEmptyAndNeverLosesOneNote() {
        for (int round = 0; round < ROUNDS / 4; round++) {
            Step step = step();
            Line one = line(1);
            if (!mayMake(step)) {
                assertThat(step.apply(Line.EMPTY, setting(Line.EMPTY, key())).out().isEmpty()).isTrue();
            }
            if (!(step instanceof BringInside) && !(step instanceof FollowChords)) {
                assertThat(step.apply(one, setting(one, key())).out().size()).isGreaterThanOrEqualTo(one.size());
            }
        }
    }

    /** No measurement, only that nothing grows out of hand; {@code ./bench} measures. */
    @Test
    void managesAHundredThousandNotes() {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < 100_000; i++) {
            notes.add(new Note(i + 1, i / 3 * 120L, 100 + random.nextInt(40), 36 + random.nextInt(60), 80, 0, 64));
        }
        Line line = Line.of(notes);
        Setting setting = Setting.of(Fence.of(KeyPlan.of(Key.parse("C minor pentatonic"))).along(TIME), TIME, Role.MELODY,
                SoundingChords.NONE);
        for (StepKind kind : StepCatalogue.all()) {
            Outcome outcome = Assertions.assertTimeoutPreemptively(Duration.ofSeconds(20),
                    () -> kind.usual().apply(line, setting), kind.name());
            assertThat(outcome.out().size()).isGreaterThanOrEqualTo(line.size());
        }
        for (String rule : List.of("lowest", "voice 2", "overlapping", "every 3", "on beat")) {
            assertThat(Pick.parse(rule).choose(line, setting).count(line)).isPositive();
        }
    }
}
