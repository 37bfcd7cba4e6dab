package amberfence.format.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.demo.LanternFerry;
import amberfence.format.UnreadableFileException;
import amberfence.result.PartResult;
import amberfence.song.Song;
import amberfence.step.StepSchema;
import amberfence.step.catalogue.StepCatalogue;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Project files that are not as they should be: one sentence with the place, or a song that holds all there was. */
class DamagedProjectsTest {
    private static final int COUNT = Integer.getInteger("amberfence.damaged", 400);
    private static final String INTO = System.getProperty("amberfence.damaged.into");
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static ObjectNode good() throws Exception {
        Song song = LanternFerry.song();
        for (StepSchema<?> kind : StepCatalogue.all()) {
            song = song.plusStep(1, kind.usual());
        }
        return (ObjectNode) MAPPER.readTree(ProjectWriter.write(ProjectDocument.of(song)));
    }

    private static void put(JsonNode root, String pointer, JsonNode value) {
        String parent = pointer.substring(0, pointer.lastIndexOf('/'));
        String last = pointer.substring(pointer.lastIndexOf('/') + 1);
        JsonNode node = root.at(parent);
        if (node instanceof ArrayNode list) {
            list.set(Integer.parseInt(last), value);
        } else {
            ((ObjectNode) node).set(last, value);
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "/parts | 0 | parts: must be a list, not 0",
        "/parts/0/takes/0/notes | \"x\" | parts[0].takes[0].notes: must be a list, not \"x\"",
        "/parts/1/channel | -1 | parts[1]: channel must be 0 to 15, not -1",
        "/version | \"two\" | version: must be a whole number, not \"two\"",
        "/parts/0/takes/0/notes/3/3 | 4294967356 | parts[0].takes[0].notes[3][3]: the number 4294967356 is too large",
        "/parts/0/takes/0/notes/3/3 | 128 | parts[0].takes[0].notes[3]: MIDI pitch must be 0 to 127, not 128",
        "/parts/0/takes/0/notes/3/1 | 1.5 | parts[0].takes[0].notes[3][1]: must be a whole number, not 1.5",
        "/parts/0/takes/0/notes/3/0 | 1 | parts[0].takes[0].notes[3][0]: two notes of a take have the identity 1",
        "/parts/1/id | 0 | parts[1].id: two parts have the identity 0",
        "/parts/1/takes/0/steps/0/settings | [1] | parts[1].takes[0].steps[0].settings: must be an object with fields, not a list",
        "/parts/1/takes/0/steps/0/on | 1 | parts[1].takes[0].steps[0].on: must be true or false, not 1",
        "/parts/0/role | \"TENOR\" | parts[0].role: the role “TENOR” is not known here",
        "/fence/alwaysAllowed | [12] | fence.alwaysAllowed[0]: pitch class must be 0 to 11, not 12",
        "/time/ticksPerQuarter | 4294967776 | time.ticksPerQuarter: the number 4294967776 is too large",
        "/source/midi | \"%%%\" | source.midi: the MIDI data is damaged; it is no Base64",
    })
    void areToldWithTheirPlace(String pointer, String value, String message) throws Exception {
        ObjectNode root = good();
        put(root, pointer, MAPPER.readTree(value));
        assertThatThrownBy(() -> ProjectReader.read(MAPPER.writeValueAsBytes(root), "song.amber"))
                .isInstanceOf(UnreadableFileException.class).hasMessage("song.amber holds something impossible: " + message);
    }

    @ParameterizedTest
    @CsvSource({"2147483648", "4294967297", "99999999999999999999999"})
    void ofAVersionThatIsToComeAreNotTakenForAnOldOne(String version) throws Exception {
        ObjectNode root = good();
        root.set("version", MAPPER.readTree(version));
        assertThatThrownBy(() -> ProjectReader.read(MAPPER.writeValueAsBytes(root), "song.amber"))
                .hasMessageStartingWith("song.amber was saved by a newer Amber Fence (format " + version.substring(0, 10));
    }

    /** Every value in turn is replaced by others, taken out, or the text is cut; fixed seed. */
    @Test
    void neverFailInAnyOtherWay() throws Exception {
        Random random = new Random(11);
        byte[] good = MAPPER.writeValueAsBytes(good());
        int opened = 0;
        for (int i = 0; i < COUNT; i++) {
            byte[] damaged = damaged(good, random, i);
            if (INTO != null) {
                // For the command line and the window, which try the same files from outside.
                Files.write(Path.of(INTO).resolve("damaged-%04d.amber".formatted(i)), damaged);
            }
            try {
                Song song = ProjectReader.read(damaged, "song.amber").song();
                opened++;
                Assertions.assertTimeoutPreemptively(Duration.ofMinutes(1), () -> PartResult.lines(song), "damage " + i);
            } catch (UnreadableFileException e) {
                assertThat(e.getMessage()).as("damage " + i).startsWith("song.amber ").hasSizeLessThan(500)
                        .doesNotContain("java.", "amberfence.", "Exception", "jackson", "`", "\n", "null");
            }
        }
        assertThat(opened).as("some damage does no harm").isBetween(COUNT / 40, COUNT - 20);
    }

    static byte[] damaged(byte[] good, Random random, int kind) throws Exception {
        if (kind % 10 == 0) {
            byte[] cut = good.clone();
            cut[random.nextInt(cut.length)] ^= (byte) (1 << random.nextInt(8));
            return cut;
        } else if (kind % 10 == 1) {
            return new String(good, StandardCharsets.UTF_8).substring(0, random.nextInt(good.length)).getBytes(StandardCharsets.UTF_8);
        }
        JsonNode root = MAPPER.readTree(good);
        List<Runnable> harms = new ArrayList<>();
        collect(root, random, harms);
        for (int i = 0; i <= kind % 3; i++) {
            harms.get(random.nextInt(harms.size())).run();
        }
        return MAPPER.writeValueAsBytes(root);
    }

    private static void collect(JsonNode node, Random random, List<Runnable> harms) {
        if (node instanceof ObjectNode object) {
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            for (String name : names) {
                harms.add(() -> object.set(name, odd(random)));
                harms.add(() -> object.remove(name));
                collect(object.get(name), random, harms);
            }
        } else if (node instanceof ArrayNode list) {
            for (int i = 0; i < list.size(); i++) {
                int at = i;
                // Notes are many; the rest should have its turn as well.
                if (!(list.get(i) instanceof ArrayNode) || random.nextInt(20) == 0) {
                    harms.add(() -> list.set(at, odd(random)));
                    harms.add(() -> list.insert(at, list.get(at) == null ? odd(random) : list.get(at).deepCopy()));
                    collect(list.get(i), random, harms);
                }
            }
        }
    }

    private static JsonNode odd(Random random) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        return switch (random.nextInt(14)) {
            case 0 -> make.nullNode();
            case 1 -> make.numberNode(-1);
            case 2 -> make.numberNode(1L << 39);
            case 3 -> make.numberNode((1L << 32) + 60);
            case 4 -> make.textNode("");
            case 5 -> make.textNode("x".repeat(6000));
            case 6 -> make.numberNode(1e300);
            case 7 -> make.arrayNode();
            case 8 -> make.objectNode();
            case 9 -> make.booleanNode(true);
            case 10 -> make.numberNode(Long.MAX_VALUE);
            case 11 -> make.textNode(" ".repeat(40_000));
            case 12 -> make.numberNode(1 << 28);
            default -> make.numberNode(random.nextInt(200));
        };
    }
}
