package amberfence.app.workspace;

import amberfence.app.files.FilesHost;
import amberfence.app.files.SongFiles;
import amberfence.app.files.UnsavedOffer;
import amberfence.app.sheets.ImportSheet;
import amberfence.app.sheets.LeftWorkSheet;
import amberfence.app.sheets.QuestionSheet;
import amberfence.app.sheets.QuestionSheet.Answer;
import amberfence.app.words.Words;
import java.nio.file.Path;
import java.util.List;
import java.util.function.BiConsumer;

/** What work on files has to ask or tell the person. */
final class FileQuestions implements FilesHost {
    private final Workspace workspace;
    private final Navigator navigator;
    private final TroubleLine trouble;
    private final BiConsumer<String, Throwable> failed;

    /** @param failed takes a sentence and what was thrown */
    FileQuestions(Workspace workspace, Navigator navigator, TroubleLine trouble, BiConsumer<String, Throwable> failed) {
        this.workspace = workspace;
        this.navigator = navigator;
        this.trouble = trouble;
        this.failed = failed;
    }

    @Override
    public void trouble(String sentence) {
        trouble.show(sentence);
    }

    @Override
    public void failed(String sentence, Throwable cause) {
        failed.accept(sentence, cause);
    }

    @Override
    public void found(SongFiles.Found found) {
        trouble.show("");
        navigator.show(ImportSheet.of(found, song -> {
            workspace.files().take(song);
            workspace.focusLadder();
        }, navigator::closeSheet));
    }

    /** Before another song takes the place of this one: unsaved work is saved, let go, or the song stays. */
    @Override
    public void beforeReplacing(Runnable then) {
        // What is being recorded belongs to the song that is open.
        workspace.endRecording();
        if (!workspace.session().isChanged()) {
            then.run();
        } else {
            navigator.show(QuestionSheet.of("unsaved-sheet", Words.say("unsaved.title"),
                    Words.say("unsaved.words", workspace.session().song().title()), navigator::closeSheet,
                    new Answer("unsaved-cancel", "unsaved.cancel", () -> { }), new Answer("unsaved-let-go", "unsaved.letGo", then),
                    new Answer("unsaved-save", "unsaved.save", () -> workspace.files().saveAnd(then))));
        }
    }

    /** Somebody else wrote to the project's file: theirs is kept among the earlier versions, or this goes elsewhere. */
    @Override
    public void changedOnDisk(Path file, Runnable writeOver, Runnable elsewhere) {
        navigator.show(QuestionSheet.of("conflict-sheet", Words.say("conflict.title"),
                Words.say("conflict.words", file.getFileName()), navigator::closeSheet,
                new Answer("conflict-cancel", "conflict.cancel", () -> { }), new Answer("conflict-over", "conflict.over", writeOver),
                new Answer("conflict-elsewhere", "conflict.elsewhere", elsewhere)));
    }

    @Override
    public void offer(UnsavedOffer offer, Runnable then) {
        navigator.show(LeftWorkSheet.of(offer, () -> {
            navigator.closeSheet();
            then.run();
        }));
    }

    /**
     * Asks whether to wait when the window is to be closed while files are being written.
     *
     * @param close closes the window
     * @return whether it may close at once
     */
    boolean mayClose(Runnable close) {
        SongFiles files = workspace.files();
        List<Path> writing = files.writing();
        if (writing.isEmpty()) {
            return true;
        }
        String names = String.join(", ", writing.stream().map(path -> path.getFileName().toString()).distinct().toList());
        boolean[] stay = {false};
        navigator.show(QuestionSheet.of("closing-sheet", Words.say("closing.title"), Words.say("closing.words", names),
                navigator::closeSheet, new Answer("closing-stay", "closing.stay", () -> stay[0] = true),
                new Answer("closing-anyway", "closing.anyway", () -> {
                    files.abandonExports();
                    close.run();
                })));
        files.whenWritten(() -> {
            if (!stay[0]) {
                close.run();
            }
        });
        return false;
    }
}
