package amberfence.app.fence;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.analysis.SongKeys;
import amberfence.app.fence.FenceModel.Source;
import amberfence.app.files.AppFolder;
import amberfence.app.files.ScaleCollection;
import amberfence.app.session.Session;
import amberfence.demo.LanternFerry;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Note;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyFamily;
import amberfence.reading.KeyFinder;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import amberfence.theory.Scale;
import amberfence.theory.Scales;
import java.io.IOException;
import java.nio.file.Path;
import java.util.BitSet;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the fence page works out, without the page. */
class FenceModelTest {
    private final Session session = new Session(LanternFerry.song());
    @TempDir
    private Path folder;
    private ScaleCollection collection;
    private FenceModel model;

    @BeforeEach
    void begin() {
        collection = new ScaleCollection(new AppFolder(folder));
        model = new FenceModel(session, collection);
        model.begin(0);
    }

    @Test
    void beginsWithTheSpanThatIsAskedFor() {
        assertThat(model.key().text()).isEqualTo("D dorian");
        model.begin(1);
        assertThat(model.key().text()).isEqualTo("F major");
        assertThat(model.bars(1)).isEqualTo("bars 17–24");
    }

    @Test
    void countsWhatEveryScaleWouldLeaveOutside() {
        for (Scale scale : Scales.all()) {
            Key key = model.key().withScale(scale);
            long outside = session.song().parts().stream().filter(part -> !part.isDrums())
                    .flatMap(part -> part.line().between(0, session.song().time().barStart(17)).notes().stream())
                    .filter(note -> !key.contains(PitchClass.of(note.pitch()))).count();
            assertThat(model.outside(scale)).as(scale.name()).isEqualTo((int) outside);
        }
    }

    @Test
    void searchesNamesSynonymsGroupsAndNumbers() {
        assertThat(model.search("")).hasSameSizeAs(Scales.all());
        assertThat(model.search("ukrainian")).extracting(Scale::name).containsExactly("dorian #4");
        assertThat(model.search("♭2")).extracting(Scale::name).contains("dorian b2");
        assertThat(model.search("bebop")).hasSizeGreaterThanOrEqualTo(6);
        assertThat(model.search("0 2 4 5 7 9 11")).extracting(Scale::name).containsExactly("own scale", "major");
        assertThat(model.search("0 2 3 7 8 Ferry")).first().extracting(Scale::name).isEqualTo("Ferry");
        assertThat(model.search("0 99")).isEmpty();
        assertThat(model.search("zzz")).isEmpty();
    }

    @Test
    void turnsRoundAndComesBack() {
        for (int i = 0; i < 12; i++) {
            model.turn(1);
        }
        assertThat(model.key()).isEqualTo(Key.parse("D dorian"));
        assertThat(session.tryOn().get()).as("back where it was, nothing is tried on").isNull();
        model.turn(-1);
        assertThat(model.key().text()).isEqualTo("C♯ dorian");
        assertThat(session.tryOn().get().keys().first().text()).isEqualTo("C♯ dorian");
    }

    @Test
    void candidatesLookAtTheSpanOnly() {
        assertThat(candidates(KeyFamily.MODES, Source.ALL_PARTS).get(0).key().text()).isEqualTo("D dorian");
        model.span().set(1);
        assertThat(candidates(KeyFamily.MAJOR_MINOR, Source.ALL_PARTS).get(0).key().text()).isEqualTo("F major");
    }

    @Test
    void looksForTheKeyOfThisPartOrOfTheSelectedNotes() {
        assertThat(candidates(KeyFamily.MODES, Source.SELECTION)).isEmpty();
        long bridge = session.song().time().barStart(17);
        session.selection().selectNotes(session.song().parts().get(0).line().between(bridge, session.song().time().barStart(25))
                .notes().stream().map(Note::id).collect(Collectors.toSet()));
        assertThat(candidates(KeyFamily.MAJOR_MINOR, Source.SELECTION).get(0).key().text()).isEqualTo("F major");
        assertThat(candidates(KeyFamily.MODES, Source.THIS_PART)).isNotEqualTo(
                candidates(KeyFamily.MODES, Source.ALL_PARTS));
    }

    @Test
    void keysAreSplitMovedAndTakenAwayOnTrial() {
        model.split(9);
        assertThat(model.span().get()).isEqualTo(1);
        model.tryOn(Key.parse("G major"));
        model.moveTo(11);
        assertThat(bars()).containsExactly("1 D dorian", "11 G major", "17 F major", "25 D dorian");
        assertThat(model.counts().total()).as("notes of bars 11 to 16").isEqualTo(notesIn(11, 17));
        model.remove();
        assertThat(bars()).containsExactly("1 D dorian", "17 F major", "25 D dorian");
        assertThat(session.tryOn().get()).isNull();
    }

    private List<String> bars() {
        return model.keys().spans().stream().map(span -> span.fromBar() + " " + span.key().text()).toList();
    }

    private int notesIn(int from, int to) {
        var time = session.song().time();
        return session.song().parts().stream().filter(part -> !part.isDrums())
                .mapToInt(part -> part.line().between(time.barStart(from), time.barStart(to)).size()).sum();
    }

    @Test
    void takesTheKeysThatAreFoundAlongTheSong() {
        model.tryOn(Fence.of(KeyPlan.of(Key.parse("C major"))));
        model.take(SongKeys.changes(session.song(), KeyFamily.MODES));
        assertThat(bars()).containsExactly("1 D dorian", "17 F major", "25 D dorian");
    }

    @Test
    void ownScalesAreKeptInTheSongAndForEverySong() throws IOException {
        model.toggle(new PitchClass(6));
        model.keepScale("ferry", false);
        assertThat(model.key().scale().name()).isEqualTo("ferry");
        assertThat(model.fence().get().ownScales()).extracting(Scale::name).containsExactly("ferry");
        model.keepScale("quay", true);
        assertThat(new ScaleCollection(new AppFolder(folder)).scales()).extracting(Scale::name).containsExactly("quay");
        assertThat(model.search("qua")).extracting(Scale::name).contains("quay");
        model.forgetScale(model.ownScales().stream().filter(scale -> scale.name().equals("quay")).findFirst().orElseThrow());
        assertThat(collection.scales()).isEmpty();
        assertThat(model.fence().get().ownScales()).extracting(Scale::name).containsExactly("ferry");
    }

    @Test
    void knowsWhereNotesAreOutside() {
        BitSet places = new BitSet();
        model.askOutsidePlaces(32, 3200, places::or);
        assertThat(places.cardinality()).as("ten notes, two of them together").isBetween(8, 10);
    }

    @Test
    void keepsOrPutsBack() {
        model.tryOn(Key.parse("A minor"));
        model.putBack();
        assertThat(session.song().fence().keys().first().text()).isEqualTo("D dorian");
        model.tryOn(Key.parse("A minor"));
        model.keep();
        assertThat(session.song().fence().keys().first().text()).isEqualTo("A minor");
        assertThat(session.undoName()).hasValue("fence: A minor");
        assertThat(session.tryOn().get()).isNull();
    }

    private List<KeyCandidate> candidates(KeyFamily family, Source source) {
        return KeyFinder.find(model.asked(source), session.song().time(), family);
    }
}
