package amberfence.app.fence;

import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyFamily;
import amberfence.reading.KeyFinder;
import amberfence.reading.PitchClassCounts;
import amberfence.song.Fence;
import amberfence.song.KeyPlan;
import amberfence.song.Song;
import amberfence.theory.Key;
import amberfence.theory.MusicTextException;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Scale;
import amberfence.theory.Scales;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;

/** What the fence page is about: a fence being tried on, the key span that is worked at, and what it would mean. */
final class FenceModel {
    private static final Pattern OWN = Pattern.compile("([0-9][0-9 ,]*)(.*)");
    private final Session session;
    private final ObjectProperty<Fence> fence = new SimpleObjectProperty<>();
    private final IntegerProperty span = new SimpleIntegerProperty();
    private List<PitchClassCounts> counts = List.of();

    FenceModel(Session session) {
        this.session = session;
    }

    /** Begins with the song's fence and the span under the playhead. */
    void begin() {
        Song song = session.song();
        counts = PitchClassCounts.bySpan(song);
        span.set(song.fence().keys().indexAt(song.time().barOf(session.playhead().get())));
        fence.set(null);
        fence.set(song.fence());
    }

    ObjectProperty<Fence> fence() {
        return fence;
    }

    IntegerProperty span() {
        return span;
    }

    Key key() {
        return fence.get().keys().spans().get(span.get()).key();
    }

    PitchClassCounts counts() {
        return counts.get(span.get());
    }

    /** How many notes of the span a scale would leave outside. */
    int outside(Scale scale) {
        return counts().outside(key().withScale(scale).pitchClasses().union(fence.get().alwaysAllowed()));
    }

    int outside() {
        return outside(key().scale());
    }

    /** Looks through a fence without choosing it: every view of the song shows it. */
    void tryOn(Fence tried) {
        session.tryOn().set(tried.equals(session.song().fence()) ? null : tried);
        fence.set(tried);
    }

    void tryOn(Key key) {
        tryOn(fence.get().withKeys(fence.get().keys().with(span.get(), key)));
    }

    void turn(int semitones) {
        tryOn(Key.of(key().tonic().pitchClass().plus(semitones), key().scale()));
    }

    /** Lets a pitch class into the scale, or out of it; the tonic stays. What comes out may have a name already. */
    void toggle(PitchClass pitchClass) {
        Key key = key();
        PitchClass tonic = key.tonic().pitchClass();
        if (pitchClass.equals(tonic)) {
            session.message().set(Words.say("fence.tonicStays"));
            return;
        }
        PitchClass above = new PitchClass(pitchClass.above(tonic));
        PitchClassSet semitones = key.scale().semitones();
        PitchClassSet changed = semitones.contains(above) ? semitones.minus(above) : semitones.plus(above);
        tryOn(key.withScale(Scales.sounding(changed).stream().findFirst()
                .orElseGet(() -> Scale.ofSemitones(Words.say("fence.ownName"), changed))));
    }

    /** The scales that a search finds: by name, or an own scale typed as numbers and a name. */
    List<Scale> search(String text) {
        String wanted = text.strip();
        Matcher own = OWN.matcher(wanted);
        if (own.matches()) {
            try {
                String name = own.group(2).isBlank() ? Words.say("fence.ownName") : own.group(2).strip();
                Scale typed = Scale.parseSemitones(name, own.group(1));
                List<Scale> found = new ArrayList<>(List.of(typed));
                found.addAll(Scales.sounding(typed.semitones()));
                return found;
            } catch (MusicTextException e) {
                return List.of();
            }
        }
        String plain = wanted.toLowerCase(Locale.ROOT).replace('♭', 'b').replace('♯', '#');
        List<Scale> found = new ArrayList<>();
        if (plain.isEmpty() && key().scale().isOwn()) {
            found.add(key().scale());
        }
        Scales.all().stream().filter(scale -> scale.name().contains(plain)
                || scale.synonyms().stream().anyMatch(name -> name.contains(plain))
                || scale.group().contains(plain)).forEach(found::add);
        return found;
    }

    /** Keys that the notes of all parts may be in, during the span. */
    List<KeyCandidate> candidates(KeyFamily family) {
        Song song = session.song();
        KeyPlan keys = song.fence().keys();
        long from = song.time().barStart(keys.spans().get(span.get()).fromBar());
        long to = span.get() + 1 < keys.spans().size() ? song.time().barStart(keys.spans().get(span.get() + 1).fromBar())
                : Long.MAX_VALUE;
        return KeyFinder.find(song.parts().stream().filter(part -> !part.isDrums())
                .map(part -> part.line().between(from, to)).toList(), song.time(), family);
    }

    /** Makes what is tried on the song's fence. */
    void keep() {
        Fence chosen = fence.get();
        session.tryOn().set(null);
        session.edit(Words.say("edit.fence", key().text()), song -> song.withFence(chosen));
    }

    void putBack() {
        session.tryOn().set(null);
        fence.set(session.song().fence());
    }

    /** The bars of a span as text. */
    String bars(int index) {
        KeyPlan keys = fence.get().keys();
        return Words.bars(keys.spans().get(index).fromBar(), keys.lastBar(index, session.song().lastBar()));
    }
}
