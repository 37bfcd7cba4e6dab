package amberfence.step.fit;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.reading.BeatPlace;
import amberfence.reading.RulingChords;
import amberfence.reading.SoundingChords;
import amberfence.song.ChordSpan;
import amberfence.song.Fence;
import amberfence.song.KeyPlan;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.song.Progression;
import amberfence.song.Role;
import amberfence.song.TimeMap;
import amberfence.step.Outcome;
import amberfence.step.Surroundings;
import amberfence.theory.Chord;
import amberfence.theory.ChordKinds;
import amberfence.theory.Key;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What holds for fitting with any number of chords in the part and any number in the progression. */
class FittingByTimeTest {
    private static final int ROUNDS = 400;
    private static final TimeMap TIME = TimeMap.usual(480);
    private final Random random = new Random(11);

    private Progression chords() {
        List<ChordSpan> spans = new ArrayList<>();
        long at = 0;
        for (int i = 1; i <= 1 + random.nextInt(7); i++) {
            long end = at + 120 * (1 + random.nextInt(20));
            spans.add(ChordSpan.of(i, at, end, Chord.of(NoteName.parse("CDEFGAB".charAt(random.nextInt(7)) + ""),
                    ChordKinds.all().get(random.nextInt(20)))));
            at = end;
        }
        return new Progression(spans);
    }

    private Line part(int most) {
        List<Note> notes = new ArrayList<>();
        long at = 0;
        for (int i = random.nextInt(12); i >= 0; i--) {
            long length = 60 * (1 + random.nextInt(16));
            int voices = 1 + random.nextInt(most);
            int low = 40 + random.nextInt(30);
            for (int pitch : random.ints(low, low + 24).distinct().limit(voices).toArray()) {
                notes.add(new Note(notes.size() + 1, at, length, pitch, 1 + random.nextInt(127), 0, 64));
            }
            at += length;
        }
        return Line.of(notes);
    }

    private static Surroundings around(Progression chords) {
        return Surroundings.of(Fence.of(KeyPlan.of(Key.parse("C major"))).along(TIME), TIME, Role.CHORDS, SoundingChords.NONE)
                .withProgression(chords);
    }

    private static void sameRhythm(Line before, Line after) {
        Map<Long, Note> old = new HashMap<>();
        before.notes().forEach(note -> old.put(note.id(), note));
        assertThat(after.size()).isEqualTo(before.size());
        for (Note note : after.notes()) {
            assertThat(note.withPitch(old.get(note.id()).pitch())).isEqualTo(old.get(note.id()));
        }
    }

    @Test
    void everyNoteOfAChordPartEndsOnItsChordAndNothingElseChanges() {
        for (int round = 0; round < ROUNDS; round++) {
            Progression chords = chords();
            Line part = part(6);
            Surroundings around = around(chords);
            Outcome outcome = FitChords.USUAL.withBass(random.nextBoolean()).apply(part, around);
            RulingChords ruling = new RulingChords(chords, true, TIME);
            for (Note note : outcome.out().notes()) {
                assertThat(ruling.notes(ruling.over(note)).containsPitch(note.pitch())).as("%s over %s", note,
                        ruling.text(ruling.over(note))).isTrue();
            }
            sameRhythm(part, outcome.out());
        }
    }

    @Test
    void whatIsCutSoundsAsLongAsBeforeAndAlwaysOnItsChord() {
        for (int round = 0; round < ROUNDS; round++) {
            Progression chords = chords();
            Line part = part(3);
            Outcome outcome = FitChords.USUAL.withHeld(Held.RESTRIKE).apply(part, around(chords));
            RulingChords ruling = new RulingChords(chords, true, TIME);
            assertThat(outcome.out().notes().stream().mapToLong(Note::length).sum())
                    .isEqualTo(part.notes().stream().mapToLong(Note::length).sum());
            assertThat(outcome.out().size()).isEqualTo(part.size() + outcome.added());
            for (Note note : outcome.out().notes()) {
                assertThat(ruling.notes(ruling.over(note)).containsPitch(note.pitch())).isTrue();
            }
            Outcome split = FitChords.USUAL.withHeld(Held.SPLIT).apply(part, around(chords));
            assertThat(split.out().size()).isBetween(part.size(), outcome.out().size());
        }
    }

    @Test
    void aBassStandsOnRootsOnStrongBeatsAndOnChordNotesBetween() {
        FitBass plain = FitBass.USUAL.withBetween(FitBass.Between.CHORD_NOTES);
        for (int round = 0; round < ROUNDS; round++) {
            Progression chords = chords();
            Line part = part(1);
            FitBass step = plain.withVariety(random.nextInt(101)).withSeed(random.nextInt());
            Outcome outcome = step.apply(part, around(chords));
            RulingChords ruling = new RulingChords(chords, true, TIME);
            for (Note note : outcome.out().notes()) {
                int chord = ruling.over(note);
                assertThat(ruling.notes(chord).containsPitch(note.pitch())).isTrue();
                assertThat(note.pitch()).isBetween(step.lowest(), step.highest());
                if (BeatPlace.of(note.start(), TIME).isStrong()) {
                    assertThat(note.pitch() % 12).isEqualTo(ruling.chord(chord).root().pitchClass().number());
                }
            }
            sameRhythm(part, outcome.out());
        }
    }

    @Test
    void aBassWithEverythingAllowedStaysOnTheScaleTheChordsOrLeadsOn() {
        FitBass free = FitBass.USUAL.withBetween(new FitBass.Between(true, true, true)).withVariety(90);
        for (int round = 0; round < ROUNDS; round++) {
            Progression chords = chords();
            Surroundings around = around(chords);
            Line line = free.withSeed(round).apply(part(1), around).out();
            RulingChords ruling = new RulingChords(chords, true, TIME);
            for (int i = 0; i < line.size(); i++) {
                Note note = line.notes().get(i);
                PitchClassSet allowed = ruling.notes(ruling.over(note)).union(around.fence().at(note.start()));
                boolean leads = i + 1 < line.size() && Math.abs(line.notes().get(i + 1).pitch() - note.pitch()) == 1;
                assertThat(allowed.containsPitch(note.pitch()) || leads).isTrue();
            }
        }
    }

    @Test
    void aMelodyHasChordNotesOnStrongBeatsAndIsInsideElsewhere() {
        for (int round = 0; round < ROUNDS; round++) {
            Progression chords = chords();
            Line part = part(1);
            Surroundings around = around(chords);
            Outcome outcome = FitMelody.USUAL.apply(part, around);
            RulingChords ruling = new RulingChords(chords, true, TIME);
            for (Note note : outcome.out().notes()) {
                PitchClassSet chord = ruling.notes(ruling.over(note));
                assertThat((BeatPlace.of(note.start(), TIME).isStrong() ? chord : chord.union(around.fence().at(0)))
                        .containsPitch(note.pitch())).isTrue();
            }
            sameRhythm(part, outcome.out());
        }
    }
}
