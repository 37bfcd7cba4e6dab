package amberfence.edit;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteIndex;
import amberfence.notes.NoteSet;
import amberfence.result.SongResults;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Outcome;
import amberfence.step.SettingTexts;
import amberfence.step.pick.Pick;
import amberfence.step.recipe.Recipe;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/** Puts recipes to use: for whole parts, or for some notes, as steps or once. */
public final class RecipeEdits {
    private RecipeEdits() {
    }

    /** How settings speak of a song: parts by their names. */
    public static SettingTexts texts(Song song) {
        return new SettingTexts(id -> song.find(id).map(Part::name).orElse(""), name -> song.parts().stream().filter(part -> part.name().equals(name))
                .findFirst().map(Part::id).orElse(-1), song.time().ticksPerQuarter());
    }

    /** Its steps behind those of a part. */
    public static Song onPart(Song song, int partId, Recipe recipe) {
        SettingTexts texts = texts(song);
        Song more = song;
        for (Recipe.Entry entry : recipe.steps()) {
            more = more.plusStep(partId, entry.step().step(texts), entry.pick());
        }
        return more;
    }

    /** Its steps behind those of each of some parts. */
    public static Song onParts(Song song, Collection<Integer> parts, Recipe recipe) {
        Song more = song;
        for (int part : parts) {
            more = more.find(part).isEmpty() ? more : onPart(more, part, recipe);
        }
        return more;
    }

    /** Its steps behind those of a part, limited to some of its notes; where the recipe picks by a rule, to those of them that it picks now. */
    public static Song onNotes(Song song, int partId, Recipe recipe, NoteSet notes) {
        Song more = song;
        for (Recipe.Entry entry : recipe.steps()) {
            NoteSet chosen = picked(song, partId, entry, notes);
            more = more.plusStep(partId, entry.step().step(texts(song)), Optional.of(new Pick.Frozen(chosen)));
        }
        return more;
    }

    /** Does its steps once to some notes of a part, one after the other; what one makes, the next works on as well. */
    public static HandEdits.Done once(HandEdits hands, Song song, int partId, Recipe recipe, NoteSet notes) {
        NoteSet chosen = notes;
        HandEdits.Done done = new HandEdits.Done(song, Outcome.unchanged(Line.EMPTY, List.of()));
        for (Recipe.Entry entry : recipe.steps()) {
            Song before = done.song();
            NoteIndex known = new NoteIndex(List.of(before.part(partId).line()));
            done = hands.command(before, partId, entry.step().step(texts(before)), picked(before, partId, entry, chosen));
            chosen = chosen.with(done.song().part(partId).line().notes().stream().map(Note::id).filter(id -> known.find(id).isEmpty()).toList(), true);
        }
        return done;
    }

    private static NoteSet picked(Song song, int partId, Recipe.Entry entry, NoteSet notes) {
        return entry.pick().map(pick -> {
            Part part = song.part(partId);
            NoteSet picked = pick.choose(part.line(), SongResults.of(song).surroundings(part));
            return NoteSet.of(part.line().notes().stream().filter(picked::contains).map(Note::id).filter(notes::contains).toList());
        }).orElse(notes);
    }
}
