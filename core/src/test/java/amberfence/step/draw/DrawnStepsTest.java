package amberfence.step.draw;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.ReferenceTable;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Change;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.step.SettingValues;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.Typed;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** What holds for all steps that draw new notes out of old ones. */
class DrawnStepsTest {
    private static final List<StepSchema<?>> ALL = List.of(Stack.SCHEMA, Arpeggio.SCHEMA, Block.SCHEMA, Fill.SCHEMA, Grace.SCHEMA, OwnLine.SCHEMA);
    /** 3/4, then 7/8, then 6/8, with two changes of tempo inside. */
    private static final TimeMap TIME = new TimeMap(480, List.of(new Tempo(0, 500_000), new Tempo(1000, 800_000), new Tempo(3500, 300_000)),
            List.of(new Metre(0, 3, 4), new Metre(1440, 7, 8), new Metre(3120, 6, 8)));

    /** Notes in any order, overlapping, on two channels. */
    @Provide
    Arbitrary<List<Note>> notes() {
        Arbitrary<Note> note = Combinators.combine(Arbitraries.longs().between(0, 5000), Arbitraries.longs().between(1, 1500),
                Arbitraries.integers().between(30, 100), Arbitraries.integers().between(0, 1))
                .as((start, length, pitch, channel) -> new Note(1, start, length, pitch, 80, channel, 64));
        return note.list().ofMaxSize(14).map(some -> {
            List<Note> numbered = new ArrayList<>();
            some.forEach(each -> numbered.add(each.withId(numbered.size() + 1)));
            return numbered;
        });
    }

    @Provide
    Arbitrary<Step> steps() {
        return Arbitraries.of("order=up rate=1/8", "order=outward octaves=3 swing=66 length=180%", "order=chance each=2 begins=bar held=on",
                "times=2 then=\"2 degrees\" begins=on", "order=inward rate=1/16t accents=100,40").map(text -> (Step) Typed.step(Arpeggio.SCHEMA, text));
    }

    @Provide
    Arbitrary<Step> others() {
        return Arbitraries.of(ALL).filter(schema -> schema != Arpeggio.SCHEMA).map(schema -> (Step) schema.usual());
    }

    private static void nothingTwiceAtOnce(Step step, List<Note> notes) {
        Outcome outcome = doing(step).in(TIME).in("D dorian").under("| Dm | G | Am | C |").on(Line.of(notes)).outcome();
        List<Note> made = outcome.changes().stream().filter(Change::isMade).map(Change::note).toList();
        for (Note one : made) {
            for (Note other : made) {
                assertThat(one.id() != other.id() && one.pitch() == other.pitch() && one.channel() == other.channel() && one.overlaps(other))
                        .as("%s over %s by %s", one, other, step).isFalse();
            }
        }
        assertThat(doing(step).in(TIME).in("D dorian").under("| Dm | G | Am | C |").on(Line.of(notes)).outcome()).isEqualTo(outcome);
    }

    @Property(tries = 400)
    void noTwoMadeNotesOfOnePitchSoundAtOnceOnAChannel(@ForAll("others") Step step, @ForAll("notes") List<Note> notes) {
        nothingTwiceAtOnce(step, notes);
    }

    @Property(tries = 400)
    void norInAnArpeggio(@ForAll("steps") Step step, @ForAll("notes") List<Note> notes) {
        nothingTwiceAtOnce(step, notes);
    }

    @Provide
    Arbitrary<Step> dice() {
        Arbitrary<Integer> seeds = Arbitraries.integers().between(1, 1000);
        return Combinators.combine(Arbitraries.of("arpeggio order=chance", "fill density=60%", "grace chance=50%", "chance chance=50% what=velocity", "loosen onset=20t"),
                seeds).as((text, seed) -> {
                    String name = text.substring(0, text.indexOf(' '));
                    return (Step) Typed.step(StepCatalogue.find(name).orElseThrow(), text + " seed=" + seed);
                });
    }

    /** More notes two bars later change nothing of what was thrown before. */
    @Property(tries = 200)
    void anEditElsewhereThrowsNothingAnew(@ForAll("dice") Step step, @ForAll("notes") List<Note> notes) {
        List<Note> more = new ArrayList<>(notes);
        long far = 12_000;
        more.add(new Note(900, far, 480, 60, 80, 0, 64));
        more.add(new Note(901, far + 480, 480, 64, 80, 0, 64));
        long last = notes.stream().mapToLong(Note::start).max().orElse(0);
        List<Note> before = doing(step).in("D dorian").on(Line.of(notes)).outcome().out().notes().stream().filter(note -> note.start() < last - 60).toList();
        assertThat(doing(step).in("D dorian").on(Line.of(more)).outcome().out().notes()).containsAll(before);
    }

    @Test
    void nothingBecomesNothingAndOneNoteIsNotLost() {
        for (StepSchema<?> schema : ALL) {
            assertThat(doing(schema.usual()).on(Line.EMPTY).outcome().out().isEmpty()).as(schema.name()).isTrue();
            if (schema != OwnLine.SCHEMA) {
                assertThat(doing(schema.usual()).on("C4:4").outcome().out().notes()).as(schema.name()).anyMatch(note -> note.pitch() == 60);
            }
        }
    }

    /** Source: scales-verified.tsv, scales in which two libraries agree; the mask has the root as bit 0. */
    @Test
    void aLineSoundsAllOfAScaleAndNothingElse() {
        int scales = 0;
        for (Map<String, String> row : ReferenceTable.rows("scales-verified.tsv")) {
            PitchClassSet expected = new PitchClassSet(Integer.parseInt(row.get("mask")));
            Outcome outcome = doing(Typed.step(OwnLine.SCHEMA, "rhythm=every:1/32 pitches=even range=C3..C6")).in("C " + numbers(expected))
                    .under("| C | C | C | C | C | C |").on(Line.EMPTY).outcome();
            int[] pitches = outcome.out().notes().stream().mapToInt(Note::pitch).toArray();
            assertThat(pitches).hasSize(6 * 32);
            assertThat(PitchClassSet.of(pitches)).as(row.get("name")).isEqualTo(expected);
            scales++;
        }
        assertThat(scales).isGreaterThan(50);
    }

    private static String numbers(PitchClassSet set) {
        List<String> numbers = new ArrayList<>();
        for (int pitch = 0; pitch < 12; pitch++) {
            if (set.containsPitch(pitch)) {
                numbers.add(Integer.toString(pitch));
            }
        }
        return String.join(" ", numbers);
    }

    /**
     * The first two phrases of Old Hundredth (Genevan Psalter, 1551), with four parts as hymn books have them, written out by hand from
     * memory; public domain.
     */
    @Test
    void aChoraleComesApartIntoItsFourVoices() {
        List<String> voices = List.of("G4 G4 F#4 E4 D4 G4 A4 B4 B4 B4 B4 A4 G4 C5 B4 A4", "D4 D4 D4 B3 B3 D4 F#4 G4 G4 G4 G4 F#4 E4 G4 G4 F#4",
                "B3 B3 A3 G3 F#3 B3 D4 D4 D4 D4 D4 D4 B3 E4 D4 D4", "G3 G3 D3 E3 B2 G3 F#3 G3 G3 G3 G3 D3 E3 C3 G3 D3");
        List<String[]> notes = voices.stream().map(voice -> voice.split(" ")).toList();
        StringBuilder blocks = new StringBuilder();
        for (int i = 0; i < notes.get(0).length; i++) {
            int at = i;
            blocks.append(notes.stream().map(voice -> voice[at]).collect(Collectors.joining(" ", "[", "]:2 ")));
        }
        Song song = Song.empty("x").plusEmptyPart("Choir", Role.CHORDS);
        int choir = song.parts().get(0).id();
        Song sung = song.withPart(choir, part -> part.withTake(take -> take.withLine(LineText.parse(blocks.toString(), Doing.UNIT, 0, 1)))).withNextId(1000);
        for (int voice = 0; voice < 4; voice++) {
            Song with = sung.plusEmptyPart("Voice", Role.MELODY);
            Part part = with.parts().get(1);
            Song following = with.plusStep(part.id(), Typed.step(Voice.SCHEMA, "from=" + choir + " which=line:" + (voice + 1) + "/4"));
            assertThat(PartResult.of(following, following.part(part.id())).line().notes()).extracting(note -> SettingValues.pitchText(note.pitch()))
                    .containsExactly(notes.get(voice));
        }
    }
}
