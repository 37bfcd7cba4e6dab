package amberfence.step.shape;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.step.Typed;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DealTest {
    private static Doing deal(String settings) {
        return doing(Typed.step(Deal.SCHEMA, settings));
    }

    /** The worked examples of the rules, and what follows from them. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "way=turn by=1 | C4 D4 E4 F4 | F4 C4 D4 E4",
        "way=turn by=-1 | C4 D4 E4 F4 | D4 E4 F4 C4",
        "way=mirror | C4 D4 E4 F4 | F4 E4 D4 C4",
        "way=up | E4 C4 F4 D4 | C4 D4 E4 F4",
        "way=down | E4 C4 F4 D4 | F4 E4 D4 C4",
        "way=turn by=1 groups=single | [C4 E4 G4] D4 | [D4 C4 E4] G4",
        "way=turn by=1 groups=whole | [C4 E4 G4] D4 | D4 [C4 E4 G4]",
        "way=mirror groups=whole | C4:2 [D4 F4]:1 E4:3 | E4:2 [D4 F4]:1 C4:3"})
    void dealsPitchesOverTheSameBeginnings(String settings, String melody, String expected) {
        deal(settings).on(melody).gives(expected);
    }

    @Test
    void lengthsAndVelocitiesAreDealtByThemselves() {
        assertThat(deal("what=lengths way=mirror").on("C4:1 r:3 D4:2 r:2 E4:3").outcome().out().notes()).extracting(note -> note.length() / 240)
                .containsExactly(3L, 2L, 1L);
        Line line = Line.of(List.of(new Note(1, 0, 240, 60, 40, 0, 64), new Note(2, 240, 240, 62, 90, 0, 64), new Note(3, 480, 240, 64, 60, 0, 64)));
        Outcome sorted = deal("what=velocities,pitches way=down").on(line).outcome();
        assertThat(sorted.out().notes()).extracting(note -> note.pitch() + " " + note.velocity()).as("each kind by itself")
                .containsExactly("64 90", "62 60", "60 40");
    }

    @Test
    void aGroupThatGoesWhereThereIsOneNoteTakesItsLengthAndVelocity() {
        Line line = Line.of(List.of(new Note(1, 0, 240, 60, 40, 0, 64), new Note(2, 0, 200, 64, 50, 0, 64), new Note(3, 480, 960, 67, 90, 0, 64)));
        Outcome outcome = deal("way=turn by=1 groups=whole").on(line).outcome();
        assertThat(outcome.out().notes()).extracting(note -> note.pitch() + "@" + note.start() + "+" + note.length() + " " + note.velocity())
                .containsExactly("67@0+240 40", "60@480+960 90", "64@480+960 90");
    }

    @Test
    void onDrumsLengthsAreDealtAndPitchesAreNot() {
        assertThat(deal("way=mirror").as(Role.DRUMS).on("C2 D2").outcome().changes()).isEmpty();
        assertThat(deal("what=lengths way=mirror").as(Role.DRUMS).on("C2:1 D2:2").outcome().changes()).hasSize(2);
    }

    /** Chi square of the six orders of three notes over 6,000 seeds; 20.5 is passed by one fair deck in a thousand (five degrees of freedom, from tables). */
    @Test
    void byChanceEveryOrderIsAsLikely() {
        Map<String, Integer> orders = new HashMap<>();
        Line line = LineText.parse("C4 D4 E4", 240, 0, 1);
        for (int seed = 1; seed <= 6000; seed++) {
            Outcome outcome = deal("way=chance seed=" + seed).on(line).outcome();
            orders.merge(outcome.out().notes().stream().map(Note::pitch).toList().toString(), 1, Integer::sum);
        }
        double square = orders.values().stream().mapToDouble(count -> (count - 1000.0) * (count - 1000) / 1000).sum();
        assertThat(orders).hasSize(6);
        assertThat(square).isLessThan(20.5);
    }

    /** Note by note nothing is made or lost: the same pitches over the same beginnings. */
    @Property(tries = 200)
    void thePitchesStayTheSame(@ForAll List<@IntRange(min = 30, max = 90) Integer> pitches, @ForAll Deal.Way way, @ForAll @IntRange(min = -9, max = 9) int by) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < pitches.size(); i++) {
            notes.add(new Note(i + 1, i * 240L, 240, pitches.get(i), 80, 0, 64));
        }
        Outcome outcome = doing(new Deal(Set.of(Deal.What.PITCHES), way, by, false, 1)).on(Line.of(notes)).outcome();
        assertThat(outcome.out().notes()).extracting(Note::pitch).containsExactlyInAnyOrderElementsOf(pitches);
        assertThat(outcome.out().notes()).extracting(Note::start).containsExactlyElementsOf(notes.stream().map(Note::start).toList());
    }
}
