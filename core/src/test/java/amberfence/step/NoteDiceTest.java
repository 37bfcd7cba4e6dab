package amberfence.step;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.draw.Arpeggio;
import amberfence.step.draw.Grace;
import amberfence.step.shape.Chance;
import amberfence.step.shape.Deal;
import amberfence.step.shape.Lengths;
import amberfence.step.shape.Loosen;
import amberfence.step.shape.Velocities;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A note that is read from a file rolls the same whatever else stands in the file. */
class NoteDiceTest {
    private static final int QUARTER = 480;
    private static final Line LONG = line("C4 D4 E4 F4 G4 A4 B4 C5 B4 A4 G4 F4 E4 D4 C4 E4 G4 C5 E4 C4");

    static Stream<Step> rolling() {
        return Stream.of(Typed.step(Loosen.SCHEMA, "onset=20ms velocity=20 seed=4"), Typed.step(Chance.SCHEMA, "what=velocity chance=60 seed=4"),
                Typed.step(Chance.SCHEMA, "what=pitch seed=9"), Typed.step(Velocities.SCHEMA, "way=chance by=20 seed=3"),
                Typed.step(Lengths.SCHEMA, "how=share amount=50% variety=40 seed=5"), Typed.step(Grace.SCHEMA, "chance=50 count=1 seed=2"));
    }

    @ParameterizedTest
    @MethodSource("rolling")
    void readAgainWithoutItsFirstNotesTheOthersRollTheSame(Step step) {
        List<Note> whole = result(step, LONG);
        List<Note> rest = result(step, read(LONG.notes().subList(2, LONG.size())));
        // The note before may give time to a grace note, so the border itself is not compared.
        Predicate<Note> behind = note -> note.start() >= 3 * QUARTER;
        assertThat(sounding(rest, behind)).isEqualTo(sounding(whole, behind)).hasSizeGreaterThan(14);
    }

    @Test
    void dealsTheOthersInTheSameOrderWhenANoteIsGone() {
        Step deal = Typed.step(Deal.SCHEMA, "way=chance seed=3");
        Line ten = line("C4 D4 E4 F4 G4 A4 B4 C5 D5 E5");
        List<Note> nine = new ArrayList<>(ten.notes());
        Note gone = nine.remove(4);
        List<Integer> dealt = result(deal, ten).stream().map(Note::pitch).toList();
        assertThat(dealt).isNotEqualTo(ten.notes().stream().map(Note::pitch).toList());
        assertThat(result(deal, read(nine)).stream().map(Note::pitch).toList()).isEqualTo(dealt.stream().filter(pitch -> pitch != gone.pitch()).toList());
    }

    @Test
    void likeNotesRollForThemselves() {
        Line twins = read(List.of(new Note(1, 0, 480, 60, 64, 0, 64), new Note(2, 0, 480, 60, 64, 0, 64), new Note(3, 0, 480, 60, 64, 1, 64)));
        Step chance = Typed.step(Chance.SCHEMA, "what=velocity velocity=1..127 seed=1");
        assertThat(result(chance, twins).stream().map(Note::velocity).distinct()).hasSize(3);
    }

    @Test
    void rollsTheSameInAFileOfAnotherResolution() {
        Step chance = Typed.step(Chance.SCHEMA, "what=velocity velocity=1..127 seed=1");
        List<Note> coarse = LONG.notes().stream().map(note -> note.withStart(note.start() / 5).withLength(note.length() / 5)).toList();
        Song song = Song.empty("coarse").withTime(TimeMap.usual(QUARTER / 5)).withParts(List.of(part(Line.of(coarse))));
        assertThat(PartResult.of(song.plusStep(0, chance), song.plusStep(0, chance).part(0)).line().notes()).extracting(Note::velocity)
                .isEqualTo(result(chance, LONG).stream().map(Note::velocity).toList());
    }

    @Test
    void aMadeNoteRollsByItsPlaceAndNumberThere() {
        Line chords = line("[C4 E4 G4]:4 [D4 F4 A4]:4 [E4 G4 B4]:4");
        Step arpeggio = Typed.step(Arpeggio.SCHEMA, "rate=1/8");
        Step chance = Typed.step(Chance.SCHEMA, "what=velocity velocity=1..127 seed=7");
        List<Note> whole = result(chords, arpeggio, chance);
        List<Note> rest = result(read(chords.notes().subList(3, chords.size())), arpeggio, chance);
        assertThat(sounding(rest, note -> true)).isEqualTo(sounding(whole, note -> note.start() >= 4 * QUARTER)).hasSizeGreaterThan(12);
        assertThat(whole.stream().map(Note::velocity).distinct().count()).isGreaterThan(10);
    }

    @Test
    void whatIsDrawnKeepsItsThrowWhenAnotherNoteIsMoved() {
        Step chance = Typed.step(Chance.SCHEMA, "what=velocity velocity=1..127 seed=7");
        Song song = Song.empty("drawn").withTime(TimeMap.usual(QUARTER)).withParts(List.of(Part.of(0, "drawn", Role.MELODY, 0, LONG))).plusStep(0, chance);
        Song moved = song.withPart(0, part -> part.withTake(take -> take.withLine(Line.of(take.line().notes().stream()
                .map(note -> note.start() == 0 ? note.withStart(30) : note).toList()))));
        assertThat(PartResult.of(moved, moved.part(0)).line().notes()).extracting(Note::velocity)
                .isEqualTo(PartResult.of(song, song.part(0)).line().notes().stream().map(Note::velocity).toList());
    }

    private static List<Note> result(Step step, Line line) {
        return result(line, step);
    }

    private static List<Note> result(Line line, Step... steps) {
        Song song = Song.empty("read").withTime(TimeMap.usual(QUARTER)).withParts(List.of(part(line)));
        for (Step step : steps) {
            song = song.plusStep(0, step);
        }
        return PartResult.of(song, song.part(0)).line().notes();
    }

    private static Line line(String text) {
        return LineText.parse(text, QUARTER, 0, 1);
    }

    private static Part part(Line line) {
        return Part.of(0, "read", Role.MELODY, OptionalInt.of(1), 0, line);
    }

    /** The notes as a reader numbers them: from 1, in order. */
    private static Line read(List<Note> notes) {
        long[] next = {1};
        return Line.of(notes.stream().map(note -> note.withId(next[0]++)).toList());
    }

    private static List<String> sounding(List<Note> notes, Predicate<Note> which) {
        return notes.stream().filter(which).map(note -> note.start() + " " + note.length() + " " + note.pitch() + " " + note.velocity()).toList();
    }
}
