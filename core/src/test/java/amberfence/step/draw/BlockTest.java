package amberfence.step.draw;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.step.SettingValues;
import amberfence.step.Typed;
import amberfence.theory.Chord;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** 480 ticks a quarter, 4/4; a text's length of 1 is an eighth. */
class BlockTest {
    private static Block block(String settings) {
        return Typed.step(Block.SCHEMA, settings);
    }

    private static Line line(String text) {
        return LineText.parse(text, Doing.UNIT, 0, 1);
    }

    /** The worked example of the rules: the arpeggios come back as C4 E4 G4. */
    @Test
    void anArpeggioComesBackAsItsChord() {
        doing(block("over=bar")).on("C4 E4 G4 C4 E4 G4 C4 E4").gives("[C4 E4 G4]:8");
        doing(block("over=harmony")).on("C4 E4 G4 E4 C4 E4 G4 E4").gives("[C4 E4 G4]:8");
        doing(block("over=bar")).on("C4 E4 G4 C5 E5 G5 C4 E4").gives("[C4 E4 G4 C5 E5 G5]:8");
    }

    @Test
    void blocksLastABarABeatOrAChord() {
        doing(block("over=beat")).on("C4 E4 D4 F4").gives("[C4 E4]:2 [D4 F4]:2");
        doing(block("over=chord")).under("| C G |").on("C4 E4 G4 E4 D4 G4 B4 G4").gives("[C4 E4 G4]:4 [D4 G4 B4]:4");
        doing(block("over=bar")).in(new TimeMap(480, List.of(new Tempo(0, 500_000)), List.of(new Metre(0, 3, 4), new Metre(1440, 7, 8))))
                .on("C4 E4 G4 C4 E4 G4 D4 F4 A4 D4 F4 A4 D4").gives("[C4 E4 G4]:6 [D4 F4 A4]:7");
    }

    /** Two beats of three eighths in 6/8. */
    @Test
    void aBeatOfSixEighthsIsThreeOfThem() {
        doing(block("over=beat")).in(TimeMap.of(480, 500_000, 6, 8)).on("C4 E4 G4 D4 F4 A4").gives("[C4 E4 G4]:3 [D4 F4 A4]:3");
    }

    @Test
    void whatReachesLessThanAThirtySecondIntoASpanDoesNotCountThere() {
        Line reaching = Line.of(List.of(new Note(1, 0, 1980, 60, 80, 0, 64), new Note(2, 1860, 1940, 62, 80, 0, 64)));
        assertThat(doing(block("over=bar")).on(reaching).outcome().out().notes()).extracting(note -> note.pitch() + "@" + note.start())
                .containsExactly("60@0", "62@0", "60@1920", "62@1920");
        Line uneven = Line.of(List.of(new Note(1, 0, 1979, 60, 80, 0, 64), new Note(2, 1861, 1900, 62, 80, 0, 64)));
        assertThat(doing(block("over=bar")).on(uneven).outcome().out().notes()).extracting(note -> note.pitch() + "@" + note.start())
                .containsExactly("60@0", "62@1920");
    }

    @Test
    void eachPitchIsAsLoudAsTheLoudestItIsMadeOf() {
        Line line = Line.of(List.of(new Note(1, 0, 100, 60, 70, 0, 64), new Note(2, 480, 100, 60, 90, 0, 64), new Note(3, 960, 100, 60, 80, 0, 64)));
        Outcome outcome = doing(block("over=bar")).on(line).outcome();
        assertThat(outcome.out().notes()).containsExactly(new Note(1, 0, 1920, 60, 90, 0, 64));
        doing(block("over=bar")).on(line).because("in the block, for 3 notes", "one with the same note of the block", "one with the same note of the block");
    }

    @Test
    void betweenChordsTheLastHoldsOrTheGapIsABlockOrIsLeft() {
        String melody = "C4 E4 G4 C4 r:4 D4 F4 r:6";
        TimeMap time = TimeMap.usual(480);
        Progression chords = new Progression(List.of(ChordSpan.of(1, 0, 960, Chord.parse("C"))));
        doing(block("over=chord no-chord=hold")).in(time).under(chords).on(melody).gives("[C4 D4 E4 F4 G4]:10");
        doing(block("over=chord no-chord=scale")).in(time).under(chords).on(melody).gives("[C4 E4 G4]:4 [D4 F4]:6");
        doing(block("over=chord no-chord=leave")).in(time).under(chords).on(melody).gives("[C4 E4 G4]:4 r:4 D4 F4");
    }

    @Test
    void leavesDrumsEmptyLinesAndWhatIsLeftAloneAndSaysWhatIsMissing() {
        assertThat(doing(block("over=bar")).as(Role.DRUMS).on("C2 D2").outcome().changes()).isEmpty();
        assertThat(doing(block("over=bar")).on(Line.EMPTY).outcome().changes()).isEmpty();
        doing(block("over=chord")).on("C4 E4").finding("the song has no chords yet; put some on the progression strip, or read them from a part");
        assertThat(doing(block("over=bar")).leaving(2L).on("C4 E4 G4").outcome().out().notes()).contains(line("C4 E4 G4").notes().get(1));
    }

    @Provide
    Arbitrary<List<List<Integer>>> chords() {
        return Arbitraries.integers().between(40, 80).set().ofMinSize(1).ofMaxSize(6).map(set -> set.stream().sorted().toList())
                .list().ofMinSize(1).ofMaxSize(6);
    }

    /** Blocks of an arpeggio of a chord part are that part, whatever the order, the rate and the number of notes. */
    @Property(tries = 300)
    void blocksOfAnArpeggioGiveTheChordPartBack(@ForAll("chords") List<List<Integer>> chords, @ForAll FigureOrder order) {
        String text = chords.stream().map(chord -> chord.stream().map(SettingValues::pitchText).collect(Collectors.joining(" ", "[", "]:8")))
                .collect(Collectors.joining(" "));
        Line part = line(text);
        if (order == FigureOrder.CHANCE) {
            return;
        }
        Line broken = doing(Typed.step(Arpeggio.SCHEMA, "rate=1/32 order=" + order.name().toLowerCase(Locale.ROOT).replace('_', '-'))).on(part).outcome().out();
        assertThat(doing(block("over=bar")).on(broken).outcome().out().notes()).usingRecursiveFieldByFieldElementComparatorIgnoringFields("id")
                .containsExactlyElementsOf(part.notes());
    }
}
