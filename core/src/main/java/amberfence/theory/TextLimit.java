package amberfence.theory;

import amberfence.words.Texts;

/** How long a text may be that is read as music: nobody types more, and reading takes time with every letter. */
public enum TextLimit {
    CHORD(Texts.text("a chord"), 200), NUMERAL(Texts.text("a Roman numeral"), 200), KEY(Texts.text("a key"), 400), PICK(Texts.text("a pick"), 2_000), RHYTHM(Texts.text("a rhythm"), 1_000);

    private final String what;
    private final int most;

    TextLimit(String what, int most) {
        this.what = what;
        this.most = most;
    }

    /** Returns the text, or fails in words when it is too long. */
    public String check(String text) {
        if (text.length() > most) {
            throw new MusicTextException(Texts.say("“%s” is too long for %s: it has %s letters, %s are read", text.strip(), Texts.say(what), text.length(), most));
        }
        return text;
    }
}
