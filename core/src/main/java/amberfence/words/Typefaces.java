package amberfence.words;

import java.net.URL;

/** The typefaces that ship with the application, for the window and for paper. */
public enum Typefaces {
    SERIF("FerrySerif-Regular"), SERIF_BOLD("FerrySerif-Bold"), SANS("FerrySans-Regular"), SANS_BOLD("FerrySans-Bold"),
    /** Clefs, heads, flags, rests and accidentals; the lines of a staff are a quarter of its size apart, the lowest at its baseline. */
    MUSIC("FerryMusic");

    private final String file;

    Typefaces(String file) {
        this.file = file;
    }

    /** A TrueType file. */
    public URL file() {
        return Typefaces.class.getResource("fonts/" + file + ".ttf");
    }
}
