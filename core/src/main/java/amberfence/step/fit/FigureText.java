package amberfence.step.fit;

import amberfence.step.SettingTexts;
import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What *Follow chords* plays, as text: {@code first:1bars}, {@code whole}, or a drawn figure,
 * {@code drawn:Dm7:960t:0/240/0/0/0/0/80,…}: the chord over which it was written, its length, and for each note its beginning,
 * length, place, octave, scale steps, alteration and velocity.
 */
final class FigureText {
    private static final Pattern FIRST = Pattern.compile("first:(\\d{1,2}) ?bars?");
    private static final Pattern DRAWN = Pattern.compile("drawn:([^:]*):(\\d{1,12})t:([-0-9/,]*)");

    private FigureText() {
    }

    static String of(FollowChords step, SettingTexts texts) {
        if (step.figure().isOwnNotes()) {
            return step.bars() == 0 ? "whole" : "first:" + step.bars() + "bars";
        }
        Figure figure = step.figure();
        return "drawn:" + figure.home() + ":" + texts.toText(figure.length()) + "t:" + figure.notes().stream()
                .map(note -> texts.toText(note.start()) + "/" + texts.toText(note.length()) + "/" + note.place() + "/" + note.octave() + "/"
                        + note.steps() + "/" + note.alteration() + "/" + note.velocity()).collect(Collectors.joining(","));
    }

    static FollowChords read(FollowChords step, String text, SettingTexts texts) {
        Matcher first = FIRST.matcher(text.strip());
        Matcher drawn = DRAWN.matcher(text.strip());
        if (text.strip().equals("whole")) {
            return step.withFigure(Figure.OWN_NOTES).withBars(0);
        } else if (first.matches()) {
            return step.withFigure(Figure.OWN_NOTES).withBars(Integer.parseInt(first.group(1)));
        } else if (drawn.matches()) {
            List<Figure.Note> notes = new ArrayList<>();
            for (String note : drawn.group(3).split(",")) {
                if (!note.isEmpty()) {
                    notes.add(note(note, texts));
                }
            }
            return step.withFigure(new Figure(drawn.group(1), Math.max(1, texts.toSong(Long.parseLong(drawn.group(2)))), notes));
        }
        throw new MusicTextException(Texts.say("“%s” is no figure", text));
    }

    private static Figure.Note note(String text, SettingTexts texts) {
        String[] numbers = text.split("/");
        if (numbers.length != 7 || !text.matches("[-0-9/]+")) {
            throw new MusicTextException(Texts.say("“%s” is no note of a figure; it has seven numbers", text));
        }
        return new Figure.Note(texts.toSong(Long.parseLong(numbers[0])), Math.max(1, texts.toSong(Long.parseLong(numbers[1]))),
                Integer.parseInt(numbers[2]), Integer.parseInt(numbers[3]), Integer.parseInt(numbers[4]), Integer.parseInt(numbers[5]),
                Integer.parseInt(numbers[6]));
    }
}
