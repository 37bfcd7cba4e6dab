package amberfence.app.fence;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.session.Session;
import amberfence.demo.LanternFerry;
import amberfence.reading.KeyFamily;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import amberfence.theory.Scale;
import amberfence.theory.Scales;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What the fence page works out, without the page. */
class FenceModelTest {
    private final Session session = new Session(LanternFerry.song());
    private final FenceModel model = new FenceModel(session);

    @BeforeEach
    void begin() {
        model.begin();
    }

    @Test
    void beginsWithTheSpanUnderThePlayhead() {
        assertThat(model.key().text()).isEqualTo("D dorian");
        session.playhead().set(session.song().time().barStart(20));
        model.begin();
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
        assertThat(model.candidates(KeyFamily.MODES).get(0).key().text()).isEqualTo("D dorian");
        model.span().set(1);
        assertThat(model.candidates(KeyFamily.MAJOR_MINOR).get(0).key().text()).isEqualTo("F major");
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
}
