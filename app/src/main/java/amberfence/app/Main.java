package amberfence.app;

import amberfence.app.files.AppFolder;
import java.util.List;
import javafx.application.Application;

/** Starts the window. Not an {@link Application} itself, so that it runs from a plain class path too. */
public final class Main {
    private Main() {
    }

    public static void main(String[] arguments) {
        InterfaceLanguage.take(List.of(arguments), AppFolder.usual());
        AmberFence.composeAhead(List.of(arguments));
        InterfaceScale.take(List.of(arguments), AppFolder.usual());
        Application.launch(AmberFence.class, arguments);
    }
}
