package amberfence.format.musicxml;

import amberfence.format.Notice;
import amberfence.format.ReadSong;
import amberfence.format.UnreadableFileException;
import amberfence.notes.ChordSpan;
import amberfence.notes.Note;
import amberfence.song.Part;
import amberfence.theory.Spelling;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;

/** Small scores written by hand for the tests: one part, four divisions a quarter, in 4/4 unless a bar says otherwise. */
final class Scores {
    private Scores() {
    }

    /** A score with the bars of one part, each the inside of its measure. */
    static String of(String... bars) {
        StringBuilder xml = new StringBuilder("<score-partwise version=\"4.0\"><part-list><score-part id=\"P1\"><part-name>Tune</part-name></score-part></part-list><part id=\"P1\">");
        for (int i = 0; i < bars.length; i++) {
            xml.append("<measure number=\"").append(i + 1).append("\">").append(i == 0 ? "<attributes><divisions>4</divisions></attributes>" : "").append(bars[i]).append("</measure>");
        }
        return xml.append("</part></score-partwise>").toString();
    }

    /** A note such as {@code C4} or {@code F#4} of so many sixteenths. */
    static String note(String pitch, int sixteenths) {
        return note(pitch, sixteenths, "");
    }

    /** @param more elements between duration and the end */
    static String note(String pitch, int sixteenths, String more) {
        return "<note>" + pitch(pitch) + "<duration>" + sixteenths + "</duration>" + more + "</note>";
    }

    static String pitch(String pitch) {
        String alter = pitch.contains("#") ? "<alter>1</alter>" : pitch.contains("b") ? "<alter>-1</alter>" : "";
        return "<pitch><step>" + pitch.charAt(0) + "</step>" + alter + "<octave>" + pitch.charAt(pitch.length() - 1) + "</octave></pitch>";
    }

    static ReadSong read(String xml) throws UnreadableFileException {
        return MusicXmlFormat.PLAIN.read(xml.getBytes(StandardCharsets.UTF_8), "score.musicxml");
    }

    /** The notes of a part as {@code C4@0+4}: name, beginning and length in sixteenths. */
    static String notes(ReadSong read, int part) {
        Part some = read.song().parts().get(part);
        Spelling spelling = read.song().fence().keys().first().spelling();
        double sixteenth = read.song().time().ticksPerQuarter() / 4.0;
        return some.line().notes().stream().map(note -> spelling.pitch(note.pitch()).plainText() + "@" + plain(note.start() / sixteenth) + "+" + plain(note.length() / sixteenth))
                .collect(Collectors.joining(" "));
    }

    static String notes(ReadSong read) {
        return notes(read, 0);
    }

    /** The pitches alone, for what is about order. */
    static String names(ReadSong read) {
        return read.song().parts().get(0).line().notes().stream().map(Note::pitch).map(pitch -> read.song().fence().keys().first().spelling().pitch(pitch).plainText())
                .collect(Collectors.joining(" "));
    }

    /** The chords as {@code Dm7@0–16} in sixteenths. */
    static String chords(ReadSong read) {
        double sixteenth = read.song().time().ticksPerQuarter() / 4.0;
        return read.song().progression().spans().stream().map((ChordSpan span) -> span.chord().plainText() + "@" + plain(span.start() / sixteenth) + "-"
                + plain(span.end() / sixteenth)).collect(Collectors.joining(" "));
    }

    static List<String> notices(ReadSong read) {
        return read.notices().stream().map(Notice::text).toList();
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? Long.toString((long) number) : Double.toString(number);
    }
}
