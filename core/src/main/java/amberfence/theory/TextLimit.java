package amberfence.theory;

/** How long a text may be that is read as music: nobody types more, and reading takes time with every letter. */
public enum TextLimit {
    CHORD("a chord", 200), NUMERAL("a Roman numeral", 200), KEY("a key", 400), PICK("a pick", 2_000), RHYTHM("a rhythm", 1_000);

    private final String what;
    private final int most;

    TextLimit(String what, int most) {
        this.what = what;
        this.most = most;
    }

    /** Returns the text, or fails in words when it is too long. */
    public String check(String text) {
        if (text.length() > most) {
            throw new MusicTextException("“" + text.strip() + "” is too long for " + what + ": it has " + text.length()
                    + " letters, " + most + " are read");
        }
        return text;
    }
}
