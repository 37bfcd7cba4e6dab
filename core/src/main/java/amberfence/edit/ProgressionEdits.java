package amberfence.edit;

import amberfence.notes.ChordSpan;
import amberfence.notes.FenceLine;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.reading.ReadChord;
import amberfence.song.Song;
import amberfence.step.chord.PlayChords;
import amberfence.theory.Chord;
import amberfence.theory.ChordTone;
import amberfence.theory.Key;
import amberfence.theory.KeyChords;
import amberfence.theory.KeyLadder;
import amberfence.theory.PitchClass;
import amberfence.theory.RomanNumeral;
import amberfence.theory.SmoothVoicings;
import amberfence.theory.Voicing;
import amberfence.theory.VoicingRules;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.LongSupplier;
import java.util.function.UnaryOperator;

/** What is done to the chords of a song: put in, voiced, changed many at once, moved; each gives another song. */
public final class ProgressionEdits {
    private ProgressionEdits() {
    }

    /** Puts a chord in; what it covers makes room. */
    public static Song put(Song song, long start, long end, Chord chord) {
        return put(song, List.of(ChordSpan.of(0, start, end, chord)));
    }

    /** Puts several in, none over another, whose identities are given anew. */
    public static Song put(Song song, List<ChordSpan> spans) {
        List<ChordSpan> more = new ArrayList<>();
        for (ChordSpan span : spans) {
            more.add(span.withId(song.nextId() + more.size()));
        }
        return with(song, song.nextId() + more.size(), fresh -> song.progression().plus(more, fresh));
    }

    /** Another progression, in which chords that go on behind others get identities from the given one on. */
    private static Song with(Song song, long first, Function<LongSupplier, Progression> change) {
        long[] next = {first};
        Progression changed = change.apply(() -> next[0]++);
        return song.withProgression(changed).withNextId(next[0]);
    }

    /** Adds a part that plays the chords until it is settled. */
    public static Song plusPart(Song song, String name) {
        Song more = song.plusEmptyPart(name, Role.CHORDS);
        return more.plusStep(more.parts().get(more.parts().size() - 1).id(), PlayChords.USUAL);
    }

    /** Takes over what was read from notes: corrected chords stay, everything else is read anew. */
    public static Song read(Song song, List<ReadChord> read) {
        List<ChordSpan> corrected = song.progression().spans().stream().filter(ChordSpan::corrected).toList();
        List<ChordSpan> anew = new ArrayList<>();
        for (ReadChord chord : read) {
            anew.add(ChordSpan.of(song.nextId() + anew.size(), chord.start(), chord.end(), chord.chord()).asRead(chord.confidence()));
        }
        return with(song, song.nextId() + anew.size(), fresh -> new Progression(anew).plus(corrected, fresh));
    }

    /** A chord begins and ends elsewhere. */
    public static Song resized(Song song, long id, long start, long end) {
        return with(song, song.nextId(), fresh -> song.progression().resized(id, start, end, fresh));
    }

    /** Changes the voicings of some chords. */
    public static Song voiced(Song song, Collection<Long> ids, UnaryOperator<Voicing> change) {
        return song.withProgression(song.progression().with(ids, span -> span.withVoicing(change.apply(span.sounding()))));
    }

    /** Gives all chords the voicings that together move least; those of the fixed ones stay. */
    public static Song smooth(Song song, VoicingRules rules, Collection<Long> fixed) {
        List<ChordSpan> spans = song.progression().spans();
        List<Voicing> voicings = SmoothVoicings.of(spans.stream().map(ChordSpan::chord).toList(), spans.stream()
                .map(span -> fixed.contains(span.id()) ? Optional.of(span.sounding()) : Optional.<Voicing>empty()).toList(), rules);
        List<ChordSpan> changed = new ArrayList<>();
        for (int i = 0; i < spans.size(); i++) {
            changed.add(spans.get(i).withVoicing(voicings.get(i)));
        }
        return song.withProgression(new Progression(changed));
    }

    /** Changes some chords, each in the key of its moment. */
    public static Song changed(Song song, Collection<Long> ids, BiFunction<Chord, Key, Chord> change) {
        FenceLine fence = song.fence().along(song.time());
        return song.withProgression(song.progression().with(ids,
                span -> span.withChord(change.apply(span.chord(), fence.keyAt(span.start())))));
    }

    /** Adds a seventh, ninth … from the key to chords of at least three notes. */
    public static Chord extended(Chord chord, Key key, int number) {
        if (chord.kind().tones().size() < 3) {
            return chord;
        }
        Chord changed = chord;
        for (int add = 7; add <= number; add += 2) {
            if (changed.kind().tone(add).isEmpty()) {
                changed = changed.withKind(changed.kind().with(tone(changed, key, add)));
            }
        }
        return changed;
    }

    /** The member of a number that the key has above a chord's root; a dominant's seventh is minor. */
    private static ChordTone tone(Chord chord, Key key, int number) {
        int plain = new ChordTone(number, 0).semitones();
        for (int alteration : new int[] {0, -1, 1, -2}) {
            PitchClass candidate = chord.root().pitchClass().plus(plain + alteration);
            if (key.contains(candidate)) {
                return new ChordTone(number, alteration);
            }
        }
        return new ChordTone(number, number == 7 ? -1 : 0);
    }

    /** The chord on the same degree of the parallel key: of C major, C minor. */
    public static Chord swapped(Chord chord, Key key) {
        KeyChords own = KeyChords.of(key);
        int degree = own.degreeOf(chord.root());
        return degree == 0 ? chord : own.parallel().on(degree, Math.min(4, Math.max(3, chord.kind().tones().size())));
    }

    /** The third gives way to the fourth, for tension before it resolves; what has no third stays. */
    public static Chord suspended(Chord chord) {
        if (chord.kind().tone(3).isEmpty()) {
            return chord;
        }
        return chord.withKind(chord.kind().without(3).with(new ChordTone(4, 0)));
    }

    /**
     * The whole progression slower or faster, counted from the bar line before its first chord.
     *
     * @param percent of the time that it takes: 200 for double length, 50 for half
     */
    public static Song stretched(Song song, int percent) {
        List<ChordSpan> spans = song.progression().spans();
        if (spans.isEmpty()) {
            return song;
        }
        long origin = song.time().barStart(song.time().barOf(spans.get(0).start()));
        return song.withProgression(new Progression(spans.stream().map(span -> span.withTime(stretched(span.start(), origin, percent),
                Math.max(stretched(span.start(), origin, percent) + 1, stretched(span.end(), origin, percent)))).toList()));
    }

    private static long stretched(long tick, long origin, int percent) {
        return origin + (tick - origin) * percent / 100;
    }

    /** Cuts a chord in two at a tick inside it. */
    public static Song cut(Song song, long id, long tick) {
        return song.withProgression(song.progression().cut(id, tick, song.nextId())).withNextId(song.nextId() + 1);
    }

    /** Splits each chosen chord and suspends its first half. */
    public static Song suspendedBefore(Song song, Collection<Long> ids) {
        Song changed = song;
        for (long id : ids) {
            ChordSpan span = changed.progression().find(id).orElseThrow();
            if (span.length() > 1 && !suspended(span.chord()).equals(span.chord())) {
                Song cut = cut(changed, id, span.start() + span.length() / 2);
                changed = cut.withProgression(cut.progression().with(List.of(id), half -> half.withChord(suspended(half.chord()))));
            }
        }
        return changed;
    }

    /** Moves chords by degrees of their keys; outside roots keep their alteration, kinds come from the key. */
    public static Chord byDegrees(Chord chord, Key key, int places) {
        KeyChords chords = KeyChords.of(key);
        int degree = chords.degreeOf(chord.root());
        int size = Math.max(3, Math.min(7, chord.kind().tones().size()));
        return degree == 0 ? chord.transposed(KeyLadder.of(key).moved(60 + chord.root().pitchClass().number(), places)
                - 60 - chord.root().pitchClass().number(), key.spelling())
                : chords.on(Math.floorMod(degree - 1 + places, 7) + 1, size);
    }

    /** Moves chords to another key: the same numeral there. */
    public static Chord toKey(Chord chord, Key from, Key to) {
        Chord moved = RomanNumeral.parse(RomanNumeral.of(chord.withBass(chord.root()), from), to);
        int inversion = chord.inversion();
        return moved.withBass(inversion >= 0 && inversion < moved.names().size() ? moved.names().get(inversion) : to.spelling()
                .name(chord.bass().pitchClass().plus(to.tonic().pitchClass().above(from.tonic().pitchClass()))));
    }

    /** Copies chords to where the last of them ends. */
    public static Song repeated(Song song, Collection<Long> ids) {
        List<ChordSpan> chosen = song.progression().in(ids);
        if (chosen.isEmpty()) {
            return song;
        }
        long by = chosen.get(chosen.size() - 1).end() - chosen.get(0).start();
        return put(song, chosen.stream().map(span -> span.shifted(by)).toList());
    }

    /** Moves chords in time, none before the beginning. */
    public static Song shifted(Song song, Collection<Long> ids, long ticks) {
        List<ChordSpan> chosen = song.progression().in(ids);
        long by = Math.max(-chosen.stream().mapToLong(ChordSpan::start).min().orElse(0), ticks);
        List<ChordSpan> shifted = chosen.stream().map(span -> span.shifted(by)).toList();
        return with(song, song.nextId(), fresh -> song.progression().minus(ids).plus(shifted, fresh));
    }
}
