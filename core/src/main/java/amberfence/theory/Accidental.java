package amberfence.theory;

import amberfence.words.Texts;

/** How alterations in semitones are written and read: ♭ ♯ 𝄫 𝄪, or {@code b # bb ## x} when typed. */
final class Accidental {
    private Accidental() {
    }

    static String text(int alteration) {
        String single = alteration < 0 ? "♭" : "♯";
        String twice = alteration < 0 ? "𝄫" : "𝄪";
        int size = Math.abs(alteration);
        return single.repeat(size % 2) + twice.repeat(size / 2);
    }

    /** Typed signs to plain ones: every flat becomes b, every sharp #. */
    static String plain(String text) {
        return text.replace("𝄫", "bb").replace("𝄪", "##").replace('♭', 'b').replace('♯', '#').replace("♮", "");
    }

    /** Semitones of a run of plain signs such as "bb" or "#"; anything else fails. */
    static int parse(String plain, String whole) {
        String signs = plain.replace("x", "##");
        boolean flats = isRunOf('b', signs);
        if (!flats && !isRunOf('#', signs)) {
            throw new MusicTextException(Texts.say("“%s”: “%s” is no accidental; write b, bb, # or ##", whole, plain));
        }
        return flats ? -signs.length() : signs.length();
    }

    private static boolean isRunOf(char sign, String signs) {
        for (int i = 0; i < signs.length(); i++) {
            if (signs.charAt(i) != sign) {
                return false;
            }
        }
        return true;
    }
}
