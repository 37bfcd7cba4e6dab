package amberfence.format.musicxml;

import amberfence.format.Notice;
import amberfence.words.Texts;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntUnaryOperator;

/** What of a score cannot be kept: of each kind how many there are, and where the first stands. */
final class LeftOut {
    /** One kind, with its words for one and for many. */
    enum Kind {
        LYRIC(Texts.text("%s lyric left out, in bar %s"), Texts.text("%s lyrics left out, the first in bar %s")),
        DYNAMICS(Texts.text("%s mark of dynamics left out, in bar %s"), Texts.text("%s marks of dynamics left out, the first in bar %s")),
        HAIRPIN(Texts.text("%s hairpin left out, in bar %s"), Texts.text("%s hairpins left out, the first in bar %s")),
        ORNAMENT(Texts.text("%s ornament left out, in bar %s"), Texts.text("%s ornaments left out, the first in bar %s")),
        GLISSANDO(Texts.text("%s glissando left out, in bar %s"), Texts.text("%s glissandi left out, the first in bar %s")),
        QUARTER_TONE(Texts.text("%s quarter tone left out, in bar %s; the note is the semitone next to it"),
                Texts.text("%s quarter tones left out, the first in bar %s; the notes are the semitones next to them")),
        DRUM_NOTE(Texts.text("%s drum note without an instrument left out, in bar %s"),
                Texts.text("%s drum notes without an instrument left out, the first in bar %s")),
        CUE_NOTE(Texts.text("%s cue note left out, in bar %s"), Texts.text("%s cue notes left out, the first in bar %s")),
        OUT_OF_RANGE(Texts.text("%s note that MIDI does not have left out, in bar %s"),
                Texts.text("%s notes that MIDI does not have left out, the first in bar %s")),
        CHORD(Texts.text("%s chord symbol that cannot be read left out, in bar %s"),
                Texts.text("%s chord symbols that cannot be read left out, the first in bar %s")),
        JUMP(Texts.text("%s jump that leads nowhere left out, in bar %s"), Texts.text("%s jumps that lead nowhere left out, the first in bar %s"));

        private final String one;
        private final String many;

        Kind(String one, String many) {
            this.one = one;
            this.many = many;
        }
    }

    private final Map<Kind, Integer> counts = new EnumMap<>(Kind.class);
    private final Map<Kind, Integer> firsts = new EnumMap<>(Kind.class);

    /** @param bar which written bar, from 0 */
    void add(Kind kind, int bar) {
        counts.merge(kind, 1, Integer::sum);
        firsts.merge(kind, bar, Math::min);
    }

    /** @param played in which bar of the song, from 1, a written bar first stands */
    List<Notice> notices(IntUnaryOperator played) {
        return counts.entrySet().stream().map(entry -> new Notice("", Texts.count(entry.getValue(), entry.getKey().one, entry.getKey().many,
                played.applyAsInt(firsts.get(entry.getKey()))))).toList();
    }
}
