package amberfence.app.fence;

import amberfence.analysis.SongKeys;
import amberfence.analysis.PitchClassCounts;
import amberfence.app.files.ScaleCollection;
import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.notes.Fence;
import amberfence.notes.FenceLine;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.Modulations;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Key;
import amberfence.theory.MusicTextException;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Scale;
import amberfence.theory.Scales;
import amberfence.words.Texts;
import java.io.IOException;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;

/** What the fence page is about: a fence being tried on, the key span that is worked at, and what it would mean. */
final class FenceModel {
    private static final Pattern OWN = Pattern.compile("([0-9][0-9 ,]*)(.*)");
    /** Among which notes a key is looked for. */
    enum Source {
        ALL_PARTS, THIS_PART, SELECTION
    }

    private final Session session;
    private final ScaleCollection collection;
    private final ObjectProperty<Fence> fence = new SimpleObjectProperty<>();
    private final IntegerProperty span = new SimpleIntegerProperty();
    private List<PitchClassCounts> counts = List.of();

    FenceModel(Session session, ScaleCollection collection) {
        this.session = session;
        this.collection = collection;
    }

    /** Begins with the song's fence and one of its key spans. */
    void begin(int index) {
        Song song = session.song();
        fence.set(null);
        counts = PitchClassCounts.bySpan(song);
        span.set(Math.min(index, song.fence().keys().spans().size() - 1));
        fence.set(song.fence());
    }

    Session session() {
        return session;
    }

    private Song trial() {
        return session.song().withFence(fence.get());
    }

    KeyPlan keys() {
        return fence.get().keys();
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
        session.tryOn(tried.equals(session.song().fence()) ? null : tried);
        if (!tried.keys().equals(keys())) {
            counts = PitchClassCounts.bySpan(session.song().withFence(tried));
        }
        fence.set(tried);
    }

    /** Another key begins at a bar, to begin with on the same notes; it is the one that is worked at then. */
    void split(int bar) {
        KeyPlan changed = keys().plus(bar, keys().at(bar));
        tryOn(fence.get().withKeys(changed));
        span.set(changed.indexAt(bar));
    }

    /** Lets the span that is worked at begin at another bar. */
    void moveTo(int bar) {
        tryOn(fence.get().withKeys(keys().moved(span.get(), bar)));
    }

    /** Takes the span that is worked at away; the one before goes on. */
    void remove() {
        int gone = span.get();
        KeyPlan fewer = keys().minus(gone);
        span.set(gone - 1);
        tryOn(fence.get().withKeys(fewer));
    }

    /** Takes the keys that were found along the song. */
    void take(List<Modulations.Span> found) {
        span.set(0);
        tryOn(fence.get().withKeys(SongKeys.plan(found)));
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
            session.say(Words.say("fence.tonicStays"));
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
        Stream.concat(ownScales().stream(), Scales.all().stream()).filter(scale -> !found.contains(scale)
                && (scale.name().toLowerCase(Locale.ROOT).contains(plain) || Texts.say(scale.name()).toLowerCase(Locale.ROOT).contains(plain)
                || scale.groupText().toLowerCase(Locale.ROOT).contains(plain)
                || scale.synonyms().stream().anyMatch(name -> name.contains(plain)))).forEach(found::add);
        return found;
    }

    /** The scales that a search finds, those first that leave least outside. */
    List<Scale> searchByOutside(String text) {
        return search(text).stream().sorted(Comparator.comparingInt(this::outside)).toList();
    }

    /** The song's own scales and those of the collection. */
    List<Scale> ownScales() {
        return Stream.concat(fence.get().ownScales().stream(), collection.scales().stream()).distinct().toList();
    }

    /** Keeps the scale of the key under a name, in the song and, if wanted, for every other song. */
    void keepScale(String name, boolean forEverySong) throws IOException {
        Scale named = Scale.ofSemitones(name, key().scale().semitones());
        if (forEverySong) {
            collection.keep(named);
        }
        tryOn(fence.get().plusScale(named).withKeys(keys().with(span.get(), key().withScale(named))));
    }

    /** Takes an own scale out of the song and the collection; keys that use it keep it. */
    void forgetScale(Scale scale) throws IOException {
        collection.remove(scale);
        tryOn(fence.get().minusScale(scale));
    }

    /** The lines whose key is asked for: those of the span, or the selected notes wherever they are. */
    List<Line> asked(Source source) {
        Song song = session.song();
        if (source == Source.SELECTION) {
            return List.of(selection());
        }
        long from = song.time().barStart(keys().spans().get(span.get()).fromBar());
        long to = span.get() + 1 < keys().spans().size() ? song.time().barStart(keys().spans().get(span.get() + 1).fromBar())
                : Long.MAX_VALUE;
        return song.parts().stream().filter(part -> source == Source.ALL_PARTS ? !part.isDrums()
                : Integer.valueOf(part.id()).equals(session.selection().part().get()))
                .map(part -> part.line().between(from, to)).toList();
    }

    /** The selected notes of the selected part. */
    Line selection() {
        return session.part().map(part -> Line.of(session.selection().in(part.line()))).orElse(Line.EMPTY);
    }

    /**
     * Where outside notes begin, for all pitched parts: in which of so many equal shares of the bars of the song.
     *
     * @param bars how many bars the song has
     */
    void askOutsidePlaces(int bars, int shares, Consumer<BitSet> answer) {
        Song song = trial();
        session.computations().ask("outside places", song.parts().stream().mapToInt(part -> part.line().size()).sum(),
                () -> outsidePlaces(song, bars, shares), answer);
    }

    private static BitSet outsidePlaces(Song song, int bars, int shares) {
        FenceLine line = song.fence().along(song.time());
        BitSet places = new BitSet(shares);
        for (Part part : song.parts()) {
            if (!part.isDrums()) {
                for (Note note : part.line().notes()) {
                    if (!line.isInside(note)) {
                        int bar = song.time().barOf(note.start());
                        double start = song.time().barStart(bar);
                        double place = bar - 1 + (note.start() - start) / (song.time().barStart(bar + 1) - start);
                        places.set((int) Math.min(shares - 1.0, place * shares / bars));
                    }
                }
            }
        }
        return places;
    }

    /** Makes what is tried on the song's fence. */
    void keep() {
        Fence chosen = fence.get();
        session.tryOn(null);
        session.edit(Words.say("edit.fence", key().text()), song -> song.withFence(chosen));
    }

    void putBack() {
        session.tryOn(null);
        span.set(Math.min(span.get(), session.song().fence().keys().spans().size() - 1));
        counts = PitchClassCounts.bySpan(session.song());
        fence.set(session.song().fence());
    }

    /** The bars of a span as text. */
    String bars(int index) {
        return Words.bars(keys().spans().get(index).fromBar(), keys().lastBar(index, session.song().lastBar()));
    }
}
