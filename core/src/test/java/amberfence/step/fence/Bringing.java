package amberfence.step.fence;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.reading.SoundingChords;
import amberfence.step.Finding;
import amberfence.step.Outcome;
import amberfence.step.StepWords;
import amberfence.step.Surroundings;
import amberfence.theory.Key;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Spelling;
import java.util.List;
import java.util.stream.Collectors;

/** The sentence in which these tests speak: {@code bringing("C4 F#4").in("C major").by(…).gives("C4 F4")}. */
final class Bringing {
    private static final TimeMap TIME = TimeMap.usual(480);
    private final Line line;
    private Key key;
    private PitchClassSet allowed = PitchClassSet.EMPTY;
    private SoundingChords chords = SoundingChords.NONE;
    private BringInside step = BringInside.USUAL;
    private NoteSet left = NoteSet.NONE;
    private Role role = Role.MELODY;

    private Bringing(Line line) {
        this.line = line;
    }

    static Bringing bringing(String text) {
        return new Bringing(LineText.parse(text, 240, 0, 1));
    }

    static Bringing bringing(Line line) {
        return new Bringing(line);
    }

    Bringing in(String keyText) {
        key = Key.parse(keyText);
        return this;
    }

    Bringing allowing(int... pitchClasses) {
        allowed = PitchClassSet.of(pitchClasses);
        return this;
    }

    Bringing over(SoundingChords sounding) {
        chords = sounding;
        return this;
    }

    Bringing to(MoveTo moveTo) {
        step = step.withMoveTo(moveTo);
        return this;
    }

    Bringing ties(TieBreak ties) {
        step = step.withTieBreak(ties);
        return this;
    }

    Bringing leaving(Long... notes) {
        left = NoteSet.of(List.of(notes));
        return this;
    }

    Bringing as(Role newRole) {
        role = newRole;
        return this;
    }

    Outcome outcome() {
        return step.apply(line, around());
    }

    Surroundings around() {
        return Surroundings.of(Fence.of(KeyPlan.of(key), allowed).along(TIME), TIME, role, chords).withNotes(NoteSet.ALL, left);
    }

    Bringing gives(String text) {
        List<Integer> wanted = LineText.parse(text, 240, 0, 1).notes().stream().map(Note::pitch).toList();
        assertThat(outcome().out().notes().stream().map(Note::pitch).toList())
                .as("%s in %s", line.notes().stream().map(this::name).collect(Collectors.joining(" ")), key)
                .isEqualTo(wanted);
        return this;
    }

    Bringing because(String... sentences) {
        assertThat(outcome().changes()).extracting(change -> words().sentence(change.reason())).containsExactly(sentences);
        return this;
    }

    Bringing finding(String... sentences) {
        assertThat(outcome().findings()).extracting((Finding finding) -> words().sentence(finding)).containsExactly(sentences);
        return this;
    }

    private StepWords words() {
        Spelling spelling = key.spelling();
        return new StepWords(pitch -> spelling.pitch(pitch).text());
    }

    private String name(Note note) {
        return key.spelling().pitch(note.pitch()).text();
    }
}
