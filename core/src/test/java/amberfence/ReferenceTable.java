package amberfence;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The tables in {@code src/test/resources/reference}, made by running general-purpose libraries; the first line of each
 * names the libraries and their versions, the second the columns.
 */
public final class ReferenceTable {
    private ReferenceTable() {
    }

    /** The rows of a table, each as a map from column to cell. */
    public static List<Map<String, String>> rows(String name) {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                ReferenceTable.class.getResourceAsStream("/reference/" + name), StandardCharsets.UTF_8))) {
            List<String> lines = in.lines().toList();
            String[] columns = lines.get(1).split("\t");
            List<Map<String, String>> rows = new ArrayList<>();
            for (String line : lines.subList(2, lines.size())) {
                String[] cells = line.split("\t", -1);
                Map<String, String> row = new HashMap<>();
                for (int i = 0; i < columns.length; i++) {
                    row.put(columns[i], i < cells.length ? cells[i].strip() : "");
                }
                rows.add(row);
            }
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The bytes of a file beside the tables. */
    public static byte[] bytes(String name) {
        try (var in = ReferenceTable.class.getResourceAsStream("/reference/" + name)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
