package amberfence.app.session;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.hands.NoteCommands;
import amberfence.demo.LanternFerry;
import amberfence.notes.Grid;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.ChordSource;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.MoveTo;
import amberfence.step.fence.TieBreak;
import amberfence.step.fit.FitBass;
import amberfence.step.fit.FitMelody;
import amberfence.step.move.Move;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.RandomDistribution;
import org.junit.jupiter.api.Test;

class SessionTest {
    private Session session = begun();

    /** There is no interface thread here. */
    private static Session begun() {
        Session session = new Session(LanternFerry.song());
        session.computations().doAllAtOnce();
        return session;
    }

    @Test
    void aPartThatIsGoneIsNotSelected() {
        session.edit("remove", song -> song.minusPart(4));
        session.selection().selectPart(4);
        assertThat(session.selection().part().get()).isZero();
    }

    @Test
    void anEditThatChangesNothingLeavesNoTrace() {
        session.edit("nothing", song -> song.withTitle(song.title()));
        assertThat(session.undoName()).isEmpty();
        assertThat(session.isChanged()).isFalse();
    }

    @Test
    void anEditOfTheChordsRecomputesOnlyWhatAnswersToThem() {
        session.edit("steps", song -> song.plusStep(0, Move.USUAL).plusStep(1, FitBass.USUAL).plusStep(3, FitMelody.USUAL
                .withSource(ChordSource.of(1))));
        Results before = session.results().get();
        long first = session.song().progression().spans().get(0).id();
        session.edit("chord", song -> song.withProgression(song.progression().with(List.of(first), span -> span.withChord(Chord.parse("E7")))));
        Results after = session.results().get();
        assertThat(after.part(0)).as("it only moves").isSameAs(before.part(0));
        assertThat(after.part(4)).as("drums without steps").isSameAs(before.part(4));
        assertThat(after.part(1)).as("a bassline fitted to the chords").isNotSameAs(before.part(1));
        assertThat(after.part(3)).as("it listens to the bassline").isNotSameAs(before.part(3));
        assertThat(after.part(1).line()).isEqualTo(PartResult.of(session.song(), session.song().part(1)).line());
        session.edit("title", song -> song.withTitle("Other"));
        for (Part part : session.song().parts()) {
            assertThat(session.results().get().part(part.id())).as("a title changes no part").isSameAs(after.part(part.id()));
        }
    }

    /** @param edits each the seed of one, so that the fewest that matter are told where it fails */
    @Property(tries = 4, edgeCases = EdgeCasesMode.NONE)
    void undoGivesTheIdenticalSongAndRedoTheIdenticalResult(@ForAll("seeds") List<Long> edits) {
        session = begun();
        List<Song> states = new ArrayList<>(List.of(session.song()));
        for (long edit : edits) {
            randomEdit(new Random(edit));
            if (session.song() != states.get(states.size() - 1)) {
                states.add(session.song());
            }
        }
        PartResult last = session.results().get().part(session.song().parts().get(0).id());
        for (int i = states.size() - 2; i >= 0; i--) {
            session.undo();
            assertThat(session.song()).isSameAs(states.get(i));
        }
        assertThat(session.isChanged()).isFalse();
        session.undo();
        assertThat(session.song()).isSameAs(states.get(0));
        for (int i = 1; i < states.size(); i++) {
            session.redo();
            assertThat(session.song()).isSameAs(states.get(i));
        }
        assertThat(session.results().get().part(session.song().parts().get(0).id())).isEqualTo(last);
    }

    @Provide
    Arbitrary<List<Long>> seeds() {
        return Arbitraries.longs().list().ofMaxSize(500).withSizeDistribution(RandomDistribution.uniform());
    }

    private void randomEdit(Random random) {
        Part part = session.song().parts().get(random.nextInt(session.song().parts().size()));
        session.selection().selectPart(part.id());
        NoteCommands commands = new NoteCommands(session);
        session.selection().selectNotes(part.line().notes().stream().filter(note -> random.nextInt(8) == 0)
                .limit(12).map(Note::id).collect(Collectors.toSet()));
        switch (random.nextInt(22)) {
            case 7 -> commands.move(Move.Unit.values()[random.nextInt(3)], random.nextInt(9) - 4);
            case 8 -> commands.shift(random.nextInt(200) - 100);
            case 9 -> commands.moveEnds(random.nextInt(200) - 100);
            case 10 -> commands.moveStarts(random.nextInt(200) - 100);
            case 11 -> commands.cutAtGrid();
            case 12 -> commands.cut(1 + random.nextInt(4));
            case 13 -> commands.join();
            case 14 -> commands.louder(random.nextBoolean());
            case 15 -> commands.allow();
            case 16 -> commands.apply(StepCatalogue.all().get(random.nextInt(StepCatalogue.all().size())).usual());
            case 17 -> commands.draw(new Note(0, random.nextInt(50_000), 100, random.nextInt(128), 80, part.channel(), 64));
            case 18 -> commands.copy().ifPresent(commands::paste);
            case 19 -> commands.delete();
            case 20 -> session.edit("take", song -> song.plusTakeCopy(part.id(), "another"));
            case 21 -> session.edit("limited", song -> song.plusStep(part.id(),
                    StepCatalogue.all().get(random.nextInt(StepCatalogue.all().size())).usual()));
            case 0 -> session.edit("step", song -> song.plusStep(part.id(), BringInside.USUAL.withMoveTo(
                    MoveTo.values()[random.nextInt(MoveTo.values().length)])));
            case 1 -> session.edit("role", song -> song.withPart(part.id(), p -> p.withRole(Role.values()[random.nextInt(5)])));
            case 2 -> session.edit("allow", song -> song.withFence(song.fence().withToggled(new PitchClass(random.nextInt(12)))));
            case 3 -> session.edit("settle", song -> song.withPart(part.id(), p -> p.plusTake("t",
                    PartResult.of(song, p).line())));
            case 4 -> session.edit("key", song -> song.withFence(song.fence().withKeys(song.fence().keys()
                    .with(random.nextInt(3), Key.parse("G lydian")))));
            case 5 -> session.edit("order", song -> song.withPartMoved(part.id(), random.nextInt(3) - 1));
            default -> part.steps().stream().findFirst()
                    .ifPresent(slot -> {
                        session.editStep("leave", slot.id(), same -> same
                                .withLeft(part.line().notes().get(0).id(), random.nextBoolean()));
                    });
        }
    }

    @Test
    void goesToAnyPointOfTheHistory() {
        Song opened = session.song();
        session.edit("one", song -> song.withTitle("One"));
        session.edit("two", song -> song.withTitle("Two"));
        assertThat(session.edits()).containsExactly("", "one", "two");
        session.goTo(0);
        assertThat(session.song()).isSameAs(opened);
        session.goTo(2);
        assertThat(session.song().title()).isEqualTo("Two");
        assertThat(session.editsDone()).isEqualTo(2);
    }

    @Test
    void anotherTakeOpensTheStepInTheSamePlace() {
        session.selection().selectPart(0);
        session.edit("second", song -> song.plusStep(0, BringInside.USUAL));
        session.selection().openStep(session.song().part(0).steps().get(1).id());
        session.edit("copy", song -> song.plusTakeCopy(0, "copy"));
        assertThat(session.selection().openStep().get()).isEqualTo(session.song().part(0).steps().get(1).id());
    }

    @Test
    void theGridIsChosenForEachMetre() {
        Metre six = new Metre(0, 6, 8);
        Metre four = new Metre(0, 4, 4);
        assertThat(session.snap().of(six)).contains(Grid.of(8));
        assertThat(session.snap().of(four)).contains(Grid.of(16));
        session.snap().choose(six, Optional.of(Grid.parse("1/4.")));
        assertThat(session.snap().of(four)).contains(Grid.of(16));
        assertThat(session.snap().nearest(session.song().time(), 700)).isEqualTo(720);
        session.snap().choose(six, Optional.empty());
        assertThat(session.snap().nearest(session.song().time(), 700)).isEqualTo(700);
    }

    @Test
    void whatWasUndoneIsGoneAfterANewEdit() {
        session.edit("one", song -> song.withTitle("One"));
        session.undo();
        session.edit("two", song -> song.withTitle("Two"));
        assertThat(session.redoName()).isEmpty();
        assertThat(session.undoName()).hasValue("two");
    }

    @Test
    void anEditCostsOnlyThePartsThatItTouches() {
        Results before = session.results().get();
        session.edit("step", song -> song.plusStep(1, BringInside.USUAL));
        Results after = session.results().get();
        assertThat(after.part(0)).isSameAs(before.part(0));
        assertThat(after.part(1)).isNotSameAs(before.part(1));
        session.edit("key", song -> song.withFence(song.fence().withToggled(new PitchClass(6))));
        assertThat(session.results().get().part(0)).isNotSameAs(after.part(0));
    }

    @Test
    void resultsFollowTheChordPartsByWhichTiesAreDecided() {
        session.edit("chords", song -> song.withProgression(Progression.EMPTY).plusStep(0, BringInside.USUAL.withTieBreak(TieBreak.CHORD))
                .plusStep(1, BringInside.USUAL));
        Results before = session.results().get();
        session.edit("role", song -> song.withPart(2, part -> part.withRole(Role.FIGURE)));
        assertThat(session.results().get().part(0)).isNotSameAs(before.part(0));
        assertThat(session.results().get().part(1)).as("the shape of the line decides there").isSameAs(before.part(1));
    }

    @Test
    void tryingOnShowsAFenceWithoutChangingTheSong() {
        Song song = session.song();
        session.tryOn(song.fence().withToggled(new PitchClass(6)));
        assertThat(session.results().get().outside(0)).isEqualTo(6);
        assertThat(session.song()).isSameAs(song);
        session.tryOn(null);
        assertThat(session.results().get().outside(0)).isEqualTo(8);
    }

    @Test
    void selectsAnotherPartWhenTheSelectedOneGoes() {
        session.selection().selectPart(2);
        session.edit("remove", song -> song.minusPart(2));
        assertThat(session.selection().part().get()).isEqualTo(0);
        assertThat(session.part()).isPresent();
    }
}
