package amberfence.step.fit;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.ChordSpan;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.reading.BeatPlace;
import amberfence.reading.RulingChords;
import amberfence.reading.SoundingChords;
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
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

/** What holds for fitting with any number of chords in the part and any number in the progression. */
class FittingByTimeTest {
    private static final TimeMap TIME = TimeMap.usual(480);
    /** A chord of so many quavers. */
    private record Span(int length, int root, int kind) {
    }

    /** Notes that are struck together: how long, from which pitch up, and the pitches above it. */
    private record Struck(int length, int low, Set<Integer> above, int velocity) {
    }

    @Provide
    Arbitrary<Progression> chords() {
        return Combinators.combine(Arbitraries.integers().between(1, 20), Arbitraries.integers().between(0, 6), Arbitraries.integers().between(0, 19)).as(Span::new)
                .list().ofMinSize(1).ofMaxSize(7).map(all -> {
                    List<ChordSpan> spans = new ArrayList<>();
                    for (Span span : all) {
                        long at = spans.isEmpty() ? 0 : spans.get(spans.size() - 1).end();
                        spans.add(ChordSpan.of(spans.size() + 1, at, at + 120L * span.length, Chord.of(NoteName.parse("CDEFGAB".charAt(span.root) + ""), ChordKinds.all().get(span.kind))));
                    }
                    return new Progression(spans);
                });
    }

    private static Arbitrary<Line> part(int voices) {
        Arbitrary<Set<Integer>> above = Arbitraries.integers().between(0, 23).set().ofMinSize(1).ofMaxSize(voices);
        return Combinators.combine(Arbitraries.integers().between(1, 16), Arbitraries.integers().between(40, 69), above, Arbitraries.integers().between(1, 127)).as(Struck::new)
                .list().ofMinSize(1).ofMaxSize(12).map(all -> {
                    List<Note> notes = new ArrayList<>();
                    long at = 0;
                    for (Struck struck : all) {
                        for (int up : struck.above) {
                            notes.add(new Note(notes.size() + 1, at, 60L * struck.length, struck.low + up, struck.velocity, 0, 64));
                        }
                        at += 60L * struck.length;
                    }
                    return Line.of(notes);
                });
    }

    @Provide
    Arbitrary<Line> chordPart() {
        return part(6);
    }

    @Provide
    Arbitrary<Line> threeVoices() {
        return part(3);
    }

    @Provide
    Arbitrary<Line> oneVoice() {
        return part(1);
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

    @Property(tries = 400)
    void everyNoteOfAChordPartEndsOnItsChordAndNothingElseChanges(@ForAll("chords") Progression chords, @ForAll("chordPart") Line part, @ForAll boolean bass) {
        Outcome outcome = FitChords.USUAL.withBass(bass).apply(part, around(chords));
        RulingChords ruling = new RulingChords(chords, true, TIME);
        for (Note note : outcome.out().notes()) {
            assertThat(ruling.notes(ruling.over(note)).containsPitch(note.pitch())).as("%s over %s", note, ruling.text(ruling.over(note))).isTrue();
        }
        sameRhythm(part, outcome.out());
    }

    @Property(tries = 400)
    void whatIsCutSoundsAsLongAsBeforeAndAlwaysOnItsChord(@ForAll("chords") Progression chords, @ForAll("threeVoices") Line part) {
        Outcome outcome = FitChords.USUAL.withHeld(Held.RESTRIKE).apply(part, around(chords));
        RulingChords ruling = new RulingChords(chords, true, TIME);
        assertThat(outcome.out().notes().stream().mapToLong(Note::length).sum()).isEqualTo(part.notes().stream().mapToLong(Note::length).sum());
        assertThat(outcome.out().size()).isEqualTo(part.size() + outcome.added());
        for (Note note : outcome.out().notes()) {
            assertThat(ruling.notes(ruling.over(note)).containsPitch(note.pitch())).isTrue();
        }
        Outcome split = FitChords.USUAL.withHeld(Held.SPLIT).apply(part, around(chords));
        assertThat(split.out().size()).isBetween(part.size(), outcome.out().size());
    }

    @Property(tries = 400)
    void aBassStandsOnRootsOnStrongBeatsAndOnChordNotesBetween(@ForAll("chords") Progression chords, @ForAll("oneVoice") Line part,
                                                               @ForAll @IntRange(max = 100) int variety, @ForAll int seed) {
        FitBass step = FitBass.USUAL.withBetween(FitBass.Between.CHORD_NOTES).withVariety(variety).withSeed(seed);
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

    @Property(tries = 400)
    void aBassWithEverythingAllowedStaysOnTheScaleTheChordsOrLeadsOn(@ForAll("chords") Progression chords, @ForAll("oneVoice") Line part, @ForAll int seed) {
        Surroundings around = around(chords);
        Line line = FitBass.USUAL.withBetween(new FitBass.Between(true, true, true)).withVariety(90).withSeed(seed).apply(part, around).out();
        RulingChords ruling = new RulingChords(chords, true, TIME);
        for (int i = 0; i < line.size(); i++) {
            Note note = line.notes().get(i);
            PitchClassSet allowed = ruling.notes(ruling.over(note)).union(around.fence().at(note.start()));
            boolean leads = i + 1 < line.size() && Math.abs(line.notes().get(i + 1).pitch() - note.pitch()) == 1;
            assertThat(allowed.containsPitch(note.pitch()) || leads).isTrue();
        }
    }

    @Property(tries = 400)
    void aMelodyHasChordNotesOnStrongBeatsAndIsInsideElsewhere(@ForAll("chords") Progression chords, @ForAll("oneVoice") Line part) {
        Surroundings around = around(chords);
        Outcome outcome = FitMelody.USUAL.apply(part, around);
        RulingChords ruling = new RulingChords(chords, true, TIME);
        for (Note note : outcome.out().notes()) {
            PitchClassSet chord = ruling.notes(ruling.over(note));
            assertThat((BeatPlace.of(note.start(), TIME).isStrong() ? chord : chord.union(around.fence().at(0))).containsPitch(note.pitch())).isTrue();
        }
        sameRhythm(part, outcome.out());
    }
}
