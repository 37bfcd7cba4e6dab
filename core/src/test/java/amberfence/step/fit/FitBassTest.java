package amberfence.step.fit;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.step.Doing;
import amberfence.step.fit.FitBass.Between;
import amberfence.step.fit.FitBass.Strong;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class FitBassTest {
    private static final FitBass PLAIN = FitBass.USUAL.withBetween(Between.CHORD_NOTES).withVariety(0);
    private static final String QUARTERS = "C2:2 C2:2 C2:2 C2:2 ";

    @Test
    void strongBeatsGoToTheRootTheChordsBassOrTheNearestChordNote() {
        doing(PLAIN).under("| F | C/E |").on("C2:8 C2:8").gives("F2:8 C2:8").because("on a strong beat: the root of F");
        doing(PLAIN.withStrong(Strong.BASS)).under("| F | C/E |").on("C2:8 C2:8").gives("F2:8 E2:8");
        doing(PLAIN.withStrong(Strong.NEAREST)).under("| F | G |").on("C2:8 C2:8").gives("C2:8 B1:8");
    }

    @Test
    void withoutVarietyWhatLiesBetweenStaysAsNearAsItCan() {
        doing(PLAIN).under("| C |").on(QUARTERS).gives(QUARTERS);
        doing(PLAIN).under("| C |").on("C2:2 D2:2 C2:2 A2:2").gives("C2:2 C2:2 C2:2 G2:2");
    }

    @Test
    void theFirstNoteUnderAChordIsStrongWhereverItFalls() {
        doing(PLAIN).under("| C C C F |").on("C2:2 C2:2 C2:2 C2:2").gives("C2:2 C2:2 C2:2 F2:2");
    }

    @Test
    void leadsIntoTheNextRootBySemitoneOrByStep() {
        for (Between way : List.of(new Between(false, false, true), new Between(false, true, false))) {
            var outcome = doing(PLAIN.withBetween(way).withVariety(100).withSeed(4)).under("| C | F | G | C |").on(QUARTERS.repeat(4))
                    .outcome();
            List<Note> line = outcome.out().notes();
            Set<Integer> distances = new TreeSet<>();
            outcome.changes().stream().filter(change -> change.reason() instanceof FitReason.LeadsTo).forEach(change -> {
                int index = (int) (change.note().start() / (2 * Doing.UNIT));
                distances.add(Math.abs(line.get(index + 1).pitch() - line.get(index).pitch()));
                assertThat(((FitReason.LeadsTo) change.reason()).target()).isEqualTo(line.get(index + 1).pitch());
            });
            assertThat(distances).isNotEmpty().isSubsetOf(way.semitones() ? Set.of(1) : Set.of(1, 2));
        }
    }

    @Test
    void varietyMovesMoreAndSeedsGiveOtherLinesAgainAndAgain() {
        String chart = "| Dm7 | G7 | Cmaj7 | Am7 |";
        FitBass lively = FitBass.USUAL.withVariety(80);
        Set<Line> lines = new HashSet<>();
        for (long seed = 1; seed <= 6; seed++) {
            Line once = doing(lively.withSeed(seed)).under(chart).on(QUARTERS.repeat(4)).outcome().out();
            assertThat(doing(lively.withSeed(seed)).under(chart).on(QUARTERS.repeat(4)).outcome().out()).isEqualTo(once);
            lines.add(once);
        }
        assertThat(lines).hasSizeGreaterThan(3);
        assertThat(moved(lively, chart)).isGreaterThan(moved(PLAIN, chart));
    }

    /** How far all notes together lie from the C that they were. */
    private static int moved(FitBass step, String chart) {
        return doing(step).under(chart).on(QUARTERS.repeat(4)).outcome().out().notes().stream()
                .mapToInt(note -> Math.abs(note.pitch() - 36)).sum();
    }

    @Test
    void staysInItsRangeWhichFitsTheLine() {
        doing(PLAIN.withRange(40, 51)).under("| C | D |").on("C2:8 C2:8").gives("C3:8 D3:8");
        FitBass fitted = (FitBass) FitBass.USUAL.fitted(LineText.parse("E1 G2", 240, 0, 1), doing(PLAIN).around());
        assertThat(fitted.lowest()).isEqualTo(28);
        assertThat(fitted.highest()).isEqualTo(48);
        assertThatThrownBy(() -> PLAIN.withRange(40, 50)).hasMessageContaining("twelve notes");
        assertThat(((FitBass) FitBass.USUAL.fitted(LineText.parse("G9", 240, 0, 1), doing(PLAIN).around())).highest())
                .isEqualTo(127);
    }

    @Test
    void ofNotesStruckTogetherTheLowestIsTheLine() {
        doing(PLAIN).under("| F |").on("[C2 E3]:8").gives("[F2 F3]:8");
    }

    @Test
    void saysWhyALineOfStrongNotesGetsNoVariety() {
        doing(PLAIN.withVariety(60)).under("| C | C |").on("C2:8 C2:8").gives("C2:8 C2:8").finding("all 2 notes are on strong beats or "
                + "the first under a chord, so that there is no room for variety; cut long notes first");
        doing(PLAIN).under("| C | C |").on("C2:8 C2:8").finding();
        assertThat(doing(PLAIN.withVariety(60)).under("| C |").on("C2:2 C2:2").outcome().findings()).isEmpty();
    }

    @Test
    void saysWhatItCannotDo() {
        doing(PLAIN).on("C2").gives("C2")
                .finding("the song has no chords yet; put some on the progression strip, or read them from a part");
        doing(PLAIN).under("| F |").as(Role.DRUMS).on("C2").gives("C2");
        assertThat(doing(PLAIN).under("| F |").on("C2:4 C2:4").leaving(1L).outcome().kept()).hasSize(1);
    }
}
