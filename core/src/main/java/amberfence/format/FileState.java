package amberfence.format;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;

/**
 * What stood in a file at some moment, to find out later whether somebody else has written to it. Clocks play no part in
 * it: they may be set back.
 *
 * @param digest SHA-256 of the content
 */
public record FileState(long size, String digest) {
    public static FileState of(byte[] content) {
        try {
            return new FileState(content.length, HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /** What stands in a file now; empty when there is none. */
    public static Optional<FileState> of(Path file) throws IOException {
        try {
            return Optional.of(of(Files.readAllBytes(file)));
        } catch (NoSuchFileException e) {
            return Optional.empty();
        }
    }
}
