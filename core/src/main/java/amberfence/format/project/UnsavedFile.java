package amberfence.format.project;

import amberfence.format.FileBytes;
import amberfence.format.FileState;
import amberfence.format.FileTrouble;
import amberfence.format.UnreadableFileException;
import amberfence.words.Texts;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;

/**
 * Work that was not saved: a line of JSON that tells what it is, and behind it the project as it is saved elsewhere. The
 * line can be read without reading the song.
 *
 * @param title of the song
 * @param project the file in which the song is saved, if it is in one
 * @param known what stood in that file when it was read or written last
 * @param kept when this was written
 * @param edits how many edits have not been saved
 */
public record UnsavedFile(String title, Optional<Path> project, Optional<FileState> known, Instant kept, int edits) {
    private static final String FORMAT = "amber-fence-unsaved";
    private static final int VERSION = 1;
    private static final int LONGEST_HEAD = 100_000;

    /** The bytes of the file. */
    public byte[] write(ProjectDocument document) {
        ObjectNode head = ProjectWriter.MAPPER.createObjectNode().put("format", FORMAT).put("version", VERSION).put("title", title)
                .put("project", project.map(Path::toString).orElse("")).put("kept", kept.toString()).put("edits", edits);
        known.ifPresent(state -> head.putObject("known").put("size", state.size()).put("digest", state.digest()));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            out.write(ProjectWriter.MAPPER.writeValueAsBytes(head));
            out.write('\n');
            out.write(ProjectWriter.write(document));
        } catch (IOException e) {
            throw new IllegalStateException("a song could not be put into memory", e);
        }
        return out.toByteArray();
    }

    /** Reads what a file tells of itself. */
    public static UnsavedFile readHead(Path file) throws UnreadableFileException {
        byte[] head = new byte[LONGEST_HEAD];
        int length = 0;
        try (InputStream in = new BufferedInputStream(Files.newInputStream(file))) {
            for (int next = in.read(); next >= 0 && next != '\n' && length < LONGEST_HEAD; next = in.read()) {
                head[length++] = (byte) next;
            }
        } catch (IOException e) {
            throw new UnreadableFileException(Texts.say("%s cannot be read: %s", file.getFileName(), FileTrouble.reason(e)));
        }
        return head(new String(head, 0, length, StandardCharsets.UTF_8));
    }

    private static UnsavedFile head(String text) throws UnreadableFileException {
        try {
            JsonNode head = ProjectWriter.MAPPER.readTree(text);
            if (!head.path("format").asText().equals(FORMAT)) {
                throw new UnreadableFileException(Texts.say("it is damaged"));
            }
            if (head.path("version").asInt() > VERSION) {
                throw new UnreadableFileException(Texts.say("it comes from a newer Amber Fence"));
            }
            String project = head.path("project").asText();
            JsonNode known = head.path("known");
            return new UnsavedFile(head.path("title").asText(), project.isEmpty() ? Optional.empty() : Optional.of(Path.of(project)),
                    known.isObject() ? Optional.of(new FileState(known.path("size").asLong(), known.path("digest").asText()))
                            : Optional.empty(), Instant.parse(head.path("kept").asText()), head.path("edits").asInt());
        } catch (JsonProcessingException | RuntimeException e) {
            throw new UnreadableFileException(Texts.say("it is damaged"));
        }
    }

    /** Reads the song. */
    public static ProjectDocument readSong(Path file) throws UnreadableFileException {
        byte[] bytes = FileBytes.read(file, FileBytes.MOST_PROJECT + LONGEST_HEAD);
        int from = 0;
        while (from < bytes.length && bytes[from] != '\n') {
            from++;
        }
        return ProjectReader.read(Arrays.copyOfRange(bytes, Math.min(bytes.length, from + 1), bytes.length), Texts.say("The unsaved work"));
    }
}
