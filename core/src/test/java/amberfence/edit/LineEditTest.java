package amberfence.edit;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Grid;
import amberfence.notes.GridLines;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.TimeMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

/** Edits by hand; identities of notes in text count from 1, new ones from 100. */
class LineEditTest {
    private static final NoteSet FIRST = NoteSet.of(List.of(1L));

    private static Line edited(String text, LineEdit edit) {
        long[] next = {100};
        return edit.apply(LineText.parse(text, 240, 0, 1), () -> next[0]++);
    }

    private static List<String> shape(Line line) {
        return line.notes().stream().map(note -> note.pitch() + "@" + note.start() + "–" + note.end()).toList();
    }

    @Test
    void cutsAtEveryLineOfTheGridThatFallsIntoANote() {
        GridLines sixteenths = new GridLines(TimeMap.usual(480), Grid.of(16));
        Line cut = edited("C4:2 D4", LineEdit.cut(FIRST, sixteenths));
        assertThat(shape(cut)).containsExactly("60@0–120", "60@120–240", "60@240–360", "60@360–480", "62@480–720");
        assertThat(cut.notes()).extracting(Note::id).containsExactly(1L, 100L, 101L, 102L, 2L);
    }

    @Test
    void cutsIntoEqualPiecesWithoutLosingATick() {
        Line cut = edited("C4", LineEdit.cut(FIRST, 7));
        assertThat(cut.size()).isEqualTo(7);
        assertThat(cut.notes().stream().mapToLong(Note::length).sum()).isEqualTo(240);
        assertThat(cut.notes().stream().mapToLong(Note::length)).allMatch(length -> length == 34 || length == 35);
        assertThat(edited("C4", LineEdit.cut(FIRST, 500)).size()).isEqualTo(240);
    }

    @Test
    void joinsNotesOfOnePitch() {
        Line joined = edited("C4 C4 r C4 D4", LineEdit.join(NoteSet.of(List.of(1L, 2L, 3L, 4L))));
        assertThat(shape(joined)).containsExactly("60@0–960", "62@960–1200");
    }

    @Test
    void whatWasCutCanBeJoinedAgain() {
        Line before = LineText.parse("C4:3 E4:5", 240, 0, 1);
        Line cut = LineEdit.cut(NoteSet.ALL, 3).apply(before, new AtomicLong(100)::getAndIncrement);
        assertThat(LineEdit.join(NoteSet.ALL).apply(cut, () -> 0)).isEqualTo(before);
    }

    @Test
    void shiftsAllAlikeButNeverBeforeTheBeginning() {
        assertThat(shape(edited("r C4 D4", LineEdit.shift(NoteSet.ALL, -500)))).containsExactly("60@0–240", "62@240–480");
        assertThat(shape(edited("C4 D4", LineEdit.shift(FIRST, 30)))).containsExactly("60@30–270", "62@240–480");
    }

    @Test
    void stretchesEitherEndButKeepsATick() {
        assertThat(shape(edited("r C4", LineEdit.moveEnds(FIRST, -900)))).containsExactly("60@240–241");
        assertThat(shape(edited("r C4", LineEdit.moveStarts(FIRST, -900)))).containsExactly("60@0–480");
        assertThat(shape(edited("r C4", LineEdit.moveStarts(FIRST, 900)))).containsExactly("60@479–480");
    }

    @Test
    void keepsVelocitiesInTheirRange() {
        assertThat(edited("C4@120 D4@5", LineEdit.louder(NoteSet.ALL, 20)).notes()).extracting(Note::velocity)
                .containsExactly(127, 25);
        assertThat(edited("C4@120 D4@5", LineEdit.louder(NoteSet.ALL, -20)).notes()).extracting(Note::velocity)
                .containsExactly(100, 1);
        assertThat(edited("C4", LineEdit.velocities(Map.of(1L, 0))).notes()).extracting(Note::velocity).containsExactly(1);
    }

    @Test
    void deletesAndAdds() {
        assertThat(shape(edited("C4 D4", LineEdit.delete(FIRST)))).containsExactly("62@240–480");
        Line added = edited("C4", LineEdit.add(List.of(new Note(1, 480, 240, 64, 80, 0, 64))));
        assertThat(added.notes()).extracting(Note::id).containsExactly(1L, 100L);
        assertThat(shape(edited("C4 D4", LineEdit.pitches(Map.of(2L, 65))))).containsExactly("60@0–240", "65@240–480");
    }

    @Test
    void aClipStandsInAnotherResolutionAsItStood() {
        Clip clip = Clip.of(LineText.parse("r C4 [E4 G4]:2", 240, 0, 1).notes(), TimeMap.usual(480));
        assertThat(shape(Line.of(clip.at(96, 96, 3)))).containsExactly("60@96–144", "64@144–240", "67@144–240");
        assertThat(clip.at(0, 96, 3)).allMatch(note -> note.channel() == 3);
    }
}
