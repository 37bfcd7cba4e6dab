package amberfence.app;

import java.util.List;
import javafx.application.Application;

/** Starts the window. Not an {@link Application} itself, so that it runs from a plain class path too. */
public final class Main {
    private Main() {
    }

    public static void main(String[] arguments) {
        AmberFence.composeAhead(List.of(arguments));
        Application.launch(AmberFence.class, arguments);
    }
}
