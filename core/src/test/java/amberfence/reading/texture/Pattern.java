package amberfence.reading.texture;

/** How an accompaniment lays out a chord. */
enum Pattern {
    BLOCK("blocks, all kinds"), INVERTED("blocks, inverted"), STACCATO("staccato"), REPEATED("repeated on every beat"), PADS("pads, voices led"),
    UP("broken upwards"), DOWN("broken downwards"), UP_AND_DOWN("broken up and down"), LOW_AND_HIGH("broken low-high"), PAIRS("broken in pairs"),
    ROLLED("broken, ringing on"), WIDE("broken widely"), WALTZ("bass, then two chords"), OOMPAH("bass that alternates"), WALKING("walking bass"),
    COMPING("comping alone"), COMPING_OVER_BASS("comping over a bass"), PUSHED("pushed by an eighth"), TWO_A_BAR("two a bar"),
    TWO_BROKEN("two a bar, broken"), TUNE("tune over blocks"), TUNE_OVER_BROKEN("tune over broken chords");

    private final String words;

    Pattern(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
