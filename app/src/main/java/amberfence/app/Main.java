package amberfence.app;

import javafx.application.Application;

/** Starts the window. Not an {@link Application} itself, so that it runs from a plain class path too. */
public final class Main {
    private Main() {
    }

    public static void main(String[] arguments) {
        Application.launch(AmberFence.class, arguments);
    }
}
