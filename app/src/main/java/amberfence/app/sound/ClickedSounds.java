package amberfence.app.sound;

import amberfence.app.session.Session;
import amberfence.notes.Note;
import amberfence.sound.Player;
import amberfence.sound.Score;
import java.util.List;
import java.util.Set;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;

/** Lets a note, a change or a chord that is chosen be heard, while the song does not play. */
final class ClickedSounds {
    private static final long LONGEST = 1_500_000;
    private final Session session;
    private final HeardSong heard;
    private final Outlet outlet;
    private final Player player;
    private final ReadOnlyBooleanProperty playing;
    private final BooleanProperty wanted = new SimpleBooleanProperty(true);

    ClickedSounds(Session session, HeardSong heard, Outlet outlet, Player player, ReadOnlyBooleanProperty playing) {
        this.session = session;
        this.heard = heard;
        this.outlet = outlet;
        this.player = player;
        this.playing = playing;
        session.selection().notes().addListener((property, old, now) -> notes(now));
        session.selection().chords().addListener((property, old, now) -> chords(now));
    }

    BooleanProperty wanted() {
        return wanted;
    }

    private boolean isQuiet() {
        return wanted.get() && !playing.get();
    }

    private void notes(Set<Long> chosen) {
        if (chosen.size() == 1 && isQuiet()) {
            session.part().ifPresent(part -> heard.selected(part).stream().findFirst()
                    .ifPresent((Note note) -> hear(heard.notes(part, List.of(note)).score(), note.start(), note.end())));
        }
    }

    private void chords(Set<Long> chosen) {
        if (chosen.size() == 1 && isQuiet()) {
            heard.song().progression().in(chosen).forEach(span -> hear(heard.chords(List.of(span)).score(), span.start(), span.end()));
        }
    }

    private void hear(Score score, long from, long to) {
        outlet.whenOpen(() -> {
            long start = heard.tempi().micros(from);
            player.play(score, start, Math.min(heard.tempi().micros(to) + 1, start + LONGEST));
        });
    }
}
