package amberfence.reading.texture;

/** How an accompaniment lays out a chord. */
enum Pattern {
    BLOCK("blocks, all kinds"), INVERTED("blocks, inverted"), STACCATO("staccato"), REPEATED("repeated on every beat"), PADS("pads, voices led"),
    UP("broken upwards"), DOWN("broken downwards"), UP_AND_DOWN("broken up and down"), LOW_AND_HIGH("broken low-high"), PAIRS("broken in pairs"),
    ROLLED("broken, ringing on"), WIDE("broken widely"), WALTZ("bass, then two chords"), OOMPAH("bass that alternates"), WALKING("walking bass"),
    COMPING("comping alone"), COMPING_OVER_BASS("comping over a bass"), PUSHED("pushed by an eighth"), TWO_A_BAR("two a bar"),
    TWO_BROKEN("two a bar, broken"), TUNE("tune over blocks"), TUNE_OVER_BROKEN("tune over broken chords"),
    ROOTLESS("rootless, over a walking bass"), SHELLS("third and seventh, over a walking bass"), OCTAVES("rootless, over octaves that walk"), STRUMMED("strummed, bass and high strings"),
    THREE_THREE_TWO("three, three and two eighths"), PUMPING("eighths in the bass, held above"), SPREAD_LOW("octaves below, blocks on the beats"),
    ROOTLESS_OVER_HELD("rootless, over a held bass"), OFF_BEATS("off-beats, over a riff in the bass"), ROOT_AND_FIFTH("root and fifth, syncopated chords above"),
    TENTHS("root, fifth and tenth, a tune above"), TWO_WALKED("two a bar, over a walking bass"), FOUR_VOICES("four voices, with passing notes"), STRUMMED_WITH_RESTS("strummed, with rests"),
    ROOT_AND_THIRD("bass that alternates with the third"), BASS_THEN_LED("bass, then chords, voices led"), POWER("root, fifth and octave");

    private final String words;

    Pattern(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
