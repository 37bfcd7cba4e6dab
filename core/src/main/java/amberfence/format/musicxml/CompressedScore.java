package amberfence.format.musicxml;

import amberfence.format.UnreadableFileException;
import amberfence.words.Texts;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** A score in a zip file with a container that names it (MusicXML 4.0, compressed .mxl files; from memory). */
final class CompressedScore {
    private static final String CONTAINER = "META-INF/container.xml";
    private static final String SCORE = "score.musicxml";
    private static final Pattern ROOT_FILE = Pattern.compile("<rootfile\\s[^>]*full-path\\s*=\\s*[\"']([^\"']+)[\"']");
    private static final int MOST_BYTES = 64 << 20;
    private static final int MOST_ENTRIES = 10_000;

    private CompressedScore() {
    }

    static boolean isPacked(byte[] bytes) {
        return bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K' && bytes[2] == 3 && bytes[3] == 4;
    }

    /** The score that the container names. Nothing is unpacked to the disk, and no more than 64 MB to memory. */
    static byte[] unpack(byte[] bytes, String name) throws UnreadableFileException {
        Map<String, byte[]> files = new HashMap<>();
        long size = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            int entries = 0;
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                byte[] content = zip.readNBytes(MOST_BYTES + 1);
                size += content.length;
                if (size > MOST_BYTES || ++entries > MOST_ENTRIES) {
                    throw new UnreadableFileException(Texts.say("%s unpacks to more than %s MB", name, (MOST_BYTES >> 20)));
                }
                files.put(entry.getName(), content);
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new UnreadableFileException(Texts.say("%s is damaged: it cannot be unpacked", name));
        }
        byte[] container = files.get(CONTAINER);
        if (container == null) {
            throw new UnreadableFileException(Texts.say("%s is no compressed score: its %s is missing", name, CONTAINER));
        }
        Matcher root = ROOT_FILE.matcher(new String(container, StandardCharsets.UTF_8));
        if (!root.find() || !files.containsKey(root.group(1))) {
            throw new UnreadableFileException(Texts.say("%s is damaged: its container names no score that is in it", name));
        }
        return files.get(root.group(1));
    }

    /** The same every time: no date is written. */
    static byte[] pack(byte[] xml) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            put(zip, CONTAINER, ("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<container>\n  <rootfiles>\n    <rootfile full-path=\"" + SCORE
                    + "\" media-type=\"application/vnd.recordare.musicxml+xml\"/>\n  </rootfiles>\n</container>\n").getBytes(StandardCharsets.UTF_8));
            put(zip, SCORE, xml);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        // The first moment that such a file can name, in whatever time zone.
        entry.setTimeLocal(LocalDateTime.of(1980, 1, 1, 0, 0));
        zip.putNextEntry(entry);
        try (InputStream in = new ByteArrayInputStream(content)) {
            in.transferTo(zip);
        }
        zip.closeEntry();
    }
}
