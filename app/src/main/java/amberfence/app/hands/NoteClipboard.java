package amberfence.app.hands;

import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.edit.Clip;
import amberfence.format.FileBytes;
import amberfence.format.FileTrouble;
import amberfence.format.UnreadableFileException;
import amberfence.format.WholeFile;
import amberfence.format.midi.ClipFile;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;

/** Copied notes on the desktop's clipboard, as a MIDI file that other programs can take, and back. */
public final class NoteClipboard {
    private final Session session;
    private final NoteCommands commands;
    private final Path folder;
    private Path written;

    /** @param folder where the files lie while they are on the clipboard */
    public NoteClipboard(Session session, NoteCommands commands, Path folder) {
        this.session = session;
        this.commands = commands;
        this.folder = folder;
    }

    public void copy() {
        commands.copy().ifPresent(clip -> file(clip, Words.say("hands.clipName")).ifPresent(file -> {
            written = file;
            Clipboard.getSystemClipboard().setContent(content(file));
        }));
    }

    public void cut() {
        copy();
        commands.delete();
    }

    /** Notes as the content of a clipboard or a drag: the MIDI file that holds them. */
    public static ClipboardContent content(Path file) {
        ClipboardContent content = new ClipboardContent();
        content.putFiles(List.of(file.toFile()));
        return content;
    }

    /** What is being dragged out of the ladder: the selected notes, or the whole part as it is heard. */
    public Optional<Path> draggedOut() {
        return session.part().flatMap(part -> {
            NoteSet chosen = commands.selection().source();
            List<Note> notes = commands.heard().notes().stream()
                    .filter(note -> chosen.isEmpty() || chosen.contains(note)).toList();
            return notes.isEmpty() ? Optional.empty() : file(Clip.of(notes, session.song().time()), part.name());
        });
    }

    /** A part being dragged out, as it is heard; its card may be a moment older or newer than what was worked out. */
    public Optional<Path> draggedOut(int partId) {
        Results heard = session.results().get();
        return heard.song().find(partId).flatMap(part -> {
            Line line = heard.part(partId).line();
            return line.isEmpty() ? Optional.empty() : file(Clip.of(line.notes(), heard.song().time()), part.name());
        });
    }

    /** A few notes are written at once, as the receiver may read them at once. */
    private Optional<Path> file(Clip clip, String name) {
        try {
            Files.createDirectories(folder);
            Path file = folder.resolve(name.replaceAll("[^\\p{L}\\p{N} ]", " ").strip() + ".mid");
            long at = session.transport().playhead().get();
            WholeFile.write(file, ClipFile.write(clip, name, session.song().time().tempoAt(at), session.song().time().metreAt(at)));
            return Optional.of(file);
        } catch (IOException e) {
            session.say(Words.say("files.failed", name, FileTrouble.reason(e)));
            return Optional.empty();
        }
    }

    /** Pastes the notes of a MIDI file that another program put on the clipboard, or else what was copied here. */
    public void paste() {
        Optional<Path> foreign = Clipboard.getSystemClipboard().hasFiles() ? midi(Clipboard.getSystemClipboard().getFiles())
                : Optional.empty();
        foreign.flatMap(this::read).ifPresentOrElse(commands::paste, () -> commands.paste(commands.clip()));
    }

    private Optional<Path> midi(List<File> files) {
        return files.stream().map(File::toPath).filter(file -> !file.equals(written)
                && file.toString().toLowerCase(Locale.ROOT).matches(".*\\.midi?")).findFirst();
    }

    private Optional<Clip> read(Path file) {
        try {
            return Optional.of(ClipFile.read(FileBytes.read(file, FileBytes.MOST_MIDI), file.getFileName().toString()));
        } catch (UnreadableFileException e) {
            System.getLogger("amberfence").log(System.Logger.Level.INFO, "the clipboard's file cannot be read", e);
            session.say(e.getMessage());
            return Optional.empty();
        }
    }
}
