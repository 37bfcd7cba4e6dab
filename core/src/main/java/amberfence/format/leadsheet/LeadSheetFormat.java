package amberfence.format.leadsheet;

import amberfence.format.Notice;
import amberfence.format.WritableFormat;
import amberfence.format.WrittenSong;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A lead sheet as PDF.
 *
 * @param tune whether the tune is written over the chords; else the beats are strokes
 * @param numerals whether Roman numerals stand under the chords
 */
public record LeadSheetFormat(boolean tune, boolean numerals) implements WritableFormat {
    @Override
    public String title() {
        return !tune ? Texts.say(numerals ? "lead sheet without the tune with Roman numerals" : Texts.text("lead sheet without the tune"))
                : Texts.say(numerals ? "lead sheet with Roman numerals" : Texts.text("lead sheet"));
    }

    @Override
    public List<String> endings() {
        return List.of("pdf");
    }

    /** @param parts the tune is the first melody among them, or else the first that is no drums */
    @Override
    public WrittenSong write(Song song, Set<Integer> parts) {
        List<Part> wanted = song.parts().stream().filter(part -> parts.contains(part.id()) && !part.isDrums()).toList();
        OptionalInt part = !tune ? OptionalInt.empty() : Stream.concat(wanted.stream().filter(some -> some.role() == Role.MELODY), wanted.stream())
                .mapToInt(Part::id).findFirst();
        List<Notice> notices = new ArrayList<>();
        return new WrittenSong(new LeadSheet(song, part, numerals, notices).write(), notices);
    }
}
