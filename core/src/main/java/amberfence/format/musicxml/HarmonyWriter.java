package amberfence.format.musicxml;

import amberfence.theory.Chord;
import amberfence.theory.NoteName;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Optional;
import org.audiveris.proxymusic.Bass;
import org.audiveris.proxymusic.BassStep;
import org.audiveris.proxymusic.Degree;
import org.audiveris.proxymusic.Harmony;
import org.audiveris.proxymusic.HarmonyAlter;
import org.audiveris.proxymusic.Kind;
import org.audiveris.proxymusic.KindValue;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.Root;
import org.audiveris.proxymusic.RootStep;
import org.audiveris.proxymusic.Step;

/** Writes chord symbols. */
final class HarmonyWriter {
    private static final ObjectFactory MAKE = new ObjectFactory();

    private HarmonyWriter() {
    }

    /**
     * A chord, or that there is none.
     *
     * @param offset how many divisions later than it stands it begins
     */
    static Harmony write(Optional<Chord> chord, long offset) {
        Harmony harmony = MAKE.createHarmony();
        // A chord that is none has a root that means nothing, for the schema wants one.
        harmony.getHarmonyChord().add(root(chord.map(Chord::root).orElse(NoteName.parse("C"))));
        Kind kind = MAKE.createKind();
        harmony.getHarmonyChord().add(kind);
        if (chord.isEmpty()) {
            kind.setValue(KindValue.NONE);
            kind.setText("N.C.");
        } else {
            ChordKindTable.Written written = ChordKindTable.write(chord.get().kind());
            kind.setValue(written.kind());
            kind.setText(chord.get().kind().text());
            if (!chord.get().bass().equals(chord.get().root())) {
                harmony.getHarmonyChord().add(bass(chord.get().bass()));
            }
            written.changes().forEach(change -> harmony.getHarmonyChord().add(degree(change)));
        }
        Quarters.later(offset).ifPresent(harmony::setOffset);
        return harmony;
    }

    private static Root root(NoteName name) {
        Root root = MAKE.createRoot();
        RootStep step = MAKE.createRootStep();
        step.setValue(Step.valueOf(name.letter().name()));
        root.setRootStep(step);
        alter(name).ifPresent(root::setRootAlter);
        return root;
    }

    private static Bass bass(NoteName name) {
        Bass bass = MAKE.createBass();
        BassStep step = MAKE.createBassStep();
        step.setValue(Step.valueOf(name.letter().name()));
        bass.setBassStep(step);
        alter(name).ifPresent(bass::setBassAlter);
        return bass;
    }

    private static Optional<HarmonyAlter> alter(NoteName name) {
        if (name.alteration() == 0) {
            return Optional.empty();
        }
        HarmonyAlter alter = MAKE.createHarmonyAlter();
        alter.setValue(BigDecimal.valueOf(name.alteration()));
        return Optional.of(alter);
    }

    private static Degree degree(ChordKindTable.Change change) {
        Degree degree = MAKE.createDegree();
        degree.setDegreeValue(MAKE.createDegreeValue());
        degree.getDegreeValue().setValue(BigInteger.valueOf(change.number()));
        degree.setDegreeAlter(MAKE.createDegreeAlter());
        degree.getDegreeAlter().setValue(BigDecimal.valueOf(change.alteration()));
        degree.setDegreeType(MAKE.createDegreeType());
        degree.getDegreeType().setValue(change.type());
        return degree;
    }
}
