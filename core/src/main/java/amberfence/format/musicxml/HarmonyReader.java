package amberfence.format.musicxml;

import amberfence.format.notation.KeySignatures;
import amberfence.theory.Chord;
import amberfence.theory.ChordKind;
import amberfence.theory.Degree;
import amberfence.theory.Key;
import amberfence.theory.Letter;
import amberfence.theory.MusicTextException;
import amberfence.theory.NoteName;
import amberfence.theory.RomanNumeral;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.audiveris.proxymusic.Bass;
import org.audiveris.proxymusic.Harmony;
import org.audiveris.proxymusic.HarmonyAlter;
import org.audiveris.proxymusic.Inversion;
import org.audiveris.proxymusic.Kind;
import org.audiveris.proxymusic.KindValue;
import org.audiveris.proxymusic.Numeral;
import org.audiveris.proxymusic.Root;
import org.audiveris.proxymusic.StyleText;

/** Chord symbols: a root, a numeral or a function in the key, with a kind, degrees, an inversion and a bass. */
final class HarmonyReader {
    /** What is written: a chord, or that there is none. */
    record Read(Optional<Chord> sounding) {
    }

    private HarmonyReader() {
    }

    /** @return nothing when it cannot be read */
    static Optional<Read> read(Harmony written, Key key, Transposition transposition) {
        KindValue kind = null;
        List<ChordKindTable.Change> changes = new ArrayList<>();
        Optional<NoteName> root = Optional.empty();
        Optional<NoteName> bass = Optional.empty();
        Optional<Chord> function = Optional.empty();
        int inversion = 0;
        for (Object part : written.getHarmonyChord()) {
            if (part instanceof Root some && root.isEmpty() && some.getRootStep() != null && some.getRootStep().getValue() != null) {
                root = Optional.of(transposition.sounding(name(some.getRootStep().getValue().name(), some.getRootAlter())));
            } else if (part instanceof Numeral numeral && numeral.getNumeralRoot() != null) {
                // Of several the first is of the second, as V of ii is.
                Optional<NoteName> of = numeral(numeral, key);
                root = root.isPresent() && of.isPresent() ? Optional.of(NoteName.ofFifths(root.get().fifths() + of.get().fifths() - key.tonic().fifths())) : of;
            } else if (part instanceof StyleText text) {
                function = function(text.getValue(), key);
            } else if (part instanceof Kind some && kind == null) {
                kind = some.getValue();
            } else if (part instanceof Inversion some && some.getValue() != null) {
                inversion = some.getValue().min(BigInteger.valueOf(6)).intValue();
            } else if (part instanceof Bass some && some.getBassStep() != null && some.getBassStep().getValue() != null) {
                bass = Optional.of(transposition.sounding(name(some.getBassStep().getValue().name(), some.getBassAlter())));
            } else if (part instanceof org.audiveris.proxymusic.Degree degree) {
                change(degree).ifPresent(changes::add);
            }
        }
        if (kind == KindValue.NONE) {
            return Optional.of(new Read(Optional.empty()));
        }
        if (function.isPresent()) {
            return Optional.of(new Read(function));
        }
        if (root.isEmpty() || kind == null) {
            return Optional.empty();
        }
        Optional<ChordKind> sounding = ChordKindTable.read(kind, changes);
        int up = kind == KindValue.NEAPOLITAN && inversion == 0 ? 1 : inversion;
        NoteName on = root.get();
        Optional<NoteName> lowest = bass;
        return sounding.map(some -> Chord.of(on, some)).map(chord -> chord.withBass(lowest.orElse(up > 0 && up < chord.names().size() ? chord.names().get(up) : on))
                .respelled()).map(chord -> new Read(Optional.of(chord)));
    }

    private static NoteName name(String step, HarmonyAlter alter) {
        double signs = alter == null ? 0 : Quarters.number(alter.getValue(), 0);
        return new NoteName(Letter.valueOf(step), (int) Math.round(Math.max(-4, Math.min(4, signs))));
    }

    private static Optional<NoteName> numeral(Numeral numeral, Key key) {
        int number = numeral.getNumeralRoot().getValue();
        Key in = numeral.getNumeralKey() == null || numeral.getNumeralKey().getNumeralFifths() == null ? key
                : KeySignatures.read(numeral.getNumeralKey().getNumeralFifths().intValue(),
                        numeral.getNumeralKey().getNumeralMode() != null && numeral.getNumeralKey().getNumeralMode().name().contains("MINOR") ? "minor" : "major");
        List<Degree> degrees = in.scale().degrees();
        if (number < 1 || number > degrees.size()) {
            return Optional.empty();
        }
        double signs = numeral.getNumeralAlter() == null ? 0 : Quarters.number(numeral.getNumeralAlter().getValue(), 0);
        NoteName plain = in.tonic().at(degrees.get(number - 1));
        return Optional.of(new NoteName(plain.letter(), (int) Math.max(-4, Math.min(4, plain.alteration() + Math.round(signs)))));
    }

    private static Optional<Chord> function(String text, Key key) {
        try {
            return text == null ? Optional.empty() : Optional.of(RomanNumeral.parseChord(text, key));
        } catch (MusicTextException e) {
            return Optional.empty();
        }
    }

    private static Optional<ChordKindTable.Change> change(org.audiveris.proxymusic.Degree degree) {
        if (degree.getDegreeValue() == null || degree.getDegreeValue().getValue() == null || degree.getDegreeType() == null || degree.getDegreeType().getValue() == null) {
            return Optional.empty();
        }
        int number = degree.getDegreeValue().getValue().min(BigInteger.valueOf(99)).intValue();
        int alteration = degree.getDegreeAlter() == null ? 0 : (int) Math.round(Math.max(-9, Math.min(9, Quarters.number(degree.getDegreeAlter().getValue(), 0))));
        return Optional.of(new ChordKindTable.Change(degree.getDegreeType().getValue(), number, alteration));
    }
}
