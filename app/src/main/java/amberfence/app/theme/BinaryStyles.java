package amberfence.app.theme;

import java.io.File;
import java.io.IOException;
import javafx.css.Stylesheet;

/** Used by the build: turns the readable stylesheets of a folder into binary ones beside them. */
public final class BinaryStyles {
    private BinaryStyles() {
    }

    /** @param arguments the folder with the stylesheets */
    public static void main(String[] arguments) throws IOException {
        File[] sheets = new File(arguments[0]).listFiles((folder, name) -> name.endsWith(".css"));
        if (sheets == null || sheets.length == 0) {
            throw new IOException("there are no stylesheets in " + arguments[0]);
        }
        for (File sheet : sheets) {
            Stylesheet.convertToBinary(sheet, new File(sheet.getPath().replaceAll("css$", "bss")));
        }
    }
}
