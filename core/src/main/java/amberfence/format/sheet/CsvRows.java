package amberfence.format.sheet;

import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Rows of comma-separated values (RFC 4180), UTF-8. */
final class CsvRows {
    private final StringBuilder text = new StringBuilder();

    void add(Stream<?> cells) {
        text.append(cells.map(Object::toString).map(CsvRows::quoted).collect(Collectors.joining(","))).append("\r\n");
    }

    byte[] toBytes() {
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String quoted(String cell) {
        return cell.matches("[^\",\r\n]*") ? cell : "\"" + cell.replace("\"", "\"\"") + "\"";
    }
}
