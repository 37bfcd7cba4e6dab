package amberfence.app.session;

import amberfence.format.FileState;
import amberfence.format.project.ProjectDocument;
import java.nio.file.Path;
import java.util.Optional;

/**
 * One song that is open, at one moment: what there is to be saved, and where.
 *
 * @param number tells the songs apart that are open in a window one after the other
 * @param file the project's file, if it has one
 * @param onDisk what stood in that file when it was read or written last
 * @param edits how many edits are not in the file
 * @param changed whether what is open differs from what is in the file
 */
public record WorkState(long number, ProjectDocument content, Optional<Path> file, Optional<FileState> onDisk, int edits,
                        boolean changed) {
}
