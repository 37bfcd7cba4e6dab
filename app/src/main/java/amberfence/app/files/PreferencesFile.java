package amberfence.app.files;

import amberfence.app.session.Preferences;
import amberfence.app.work.Lane;
import amberfence.format.WholeFile;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import javafx.application.Platform;

/** Keeps preferences as one JSON object, written whole a little after they change. One that cannot be read is set aside. */
public final class PreferencesFile {
    private static final JsonFactory JSON = new JsonFactory();
    private static final long A_MOMENT = 400;
    private static final long PATIENCE = 5;
    private final AppFolder folder;
    private final Preferences preferences;
    private final Lane lane = Lane.inOrder("preferences");
    private boolean isAsked;

    /** @param preferences take what was kept, and are kept from then on */
    public PreferencesFile(AppFolder folder, Preferences preferences) {
        this.folder = folder;
        this.preferences = preferences;
    }

    /**
     * Reads what was kept.
     *
     * @return the name under which a file that could not be read is kept, or nothing
     */
    public String load() {
        String aside = "";
        try {
            preferences.take(read(folder.preferences()));
        } catch (NoSuchFileException e) {
            // The first start.
        } catch (IOException e) {
            aside = setAside();
        }
        preferences.revision().addListener((property, old, now) -> changed());
        return aside;
    }

    /** A value as it was kept, for what is needed before there is a window; empty when there is none or it cannot be read. */
    public static Optional<String> kept(AppFolder folder, String name) {
        try {
            return Optional.ofNullable(read(folder.preferences()).get(name));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** Read token by token: whoever is asked before the window opens must not wait for all that can be read of JSON. */
    private static Map<String, String> read(Path file) throws IOException {
        Map<String, String> values = new TreeMap<>();
        try (JsonParser in = JSON.createParser(Files.readAllBytes(file))) {
            if (in.nextToken() != JsonToken.START_OBJECT) {
                throw new IOException("no object");
            }
            while (in.nextToken() != JsonToken.END_OBJECT) {
                String name = in.currentName();
                if (in.nextToken().isStructStart()) {
                    in.skipChildren();
                } else {
                    values.put(name, in.getText());
                }
            }
        }
        return values;
    }

    private String setAside() {
        Path aside = folder.preferences().resolveSibling("preferences-unreadable.json");
        try {
            Files.move(folder.preferences(), aside, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            return folder.preferences().toString();
        }
        return aside.toString();
    }

    private void changed() {
        if (!isAsked && !lane.hasEnded()) {
            isAsked = true;
            lane.later(() -> Platform.runLater(this::writeSoon), A_MOMENT);
        }
    }

    private void writeSoon() {
        isAsked = false;
        Map<String, String> values = preferences.values();
        if (!lane.hasEnded()) {
            lane.execute(() -> write(values));
        }
    }

    /** Not being able to is no reason to trouble anyone. */
    private void write(Map<String, String> values) {
        try {
            folder.create(folder.preferences().getParent());
            WholeFile.write(folder.preferences(), json(values));
        } catch (IOException e) {
            System.getLogger("amberfence").log(System.Logger.Level.DEBUG, "preferences not kept", e);
        }
    }

    private static byte[] json(Map<String, String> values) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (JsonGenerator out = JSON.createGenerator(bytes).useDefaultPrettyPrinter()) {
            out.writeStartObject();
            for (Map.Entry<String, String> value : new TreeMap<>(values).entrySet()) {
                out.writeStringField(value.getKey(), value.getValue());
            }
            out.writeEndObject();
        }
        return bytes.toByteArray();
    }

    /** Writes what is not written yet, and ends. */
    public void close() {
        if (isAsked) {
            writeSoon();
        }
        lane.end();
        lane.isDoneWithin(PATIENCE);
    }
}
