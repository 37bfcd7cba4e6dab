package amberfence.app.theme;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.css.Stylesheet;

/** Used by the build: turns the readable stylesheets of a folder, and the one for controls, into binary ones beside them. */
public final class BinaryStyles {
    private BinaryStyles() {
    }

    /** @param arguments the folder with the stylesheets */
    public static void main(String[] arguments) throws IOException {
        Files.writeString(Path.of(arguments[0], "controls.css"), ControlStyles.text());
        File[] sheets = new File(arguments[0]).listFiles((folder, name) -> name.endsWith(".css"));
        if (sheets == null || sheets.length == 0) {
            throw new IOException("there are no stylesheets in " + arguments[0]);
        }
        for (File sheet : sheets) {
            Stylesheet.convertToBinary(sheet, new File(sheet.getPath().replaceAll("css$", "bss")));
        }
    }
}
