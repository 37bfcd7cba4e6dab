package amberfence.app;

import java.util.List;
import javafx.application.Application;

/** Starts the window. Not an {@link Application} itself, so that it runs from a plain class path too. */
public final class Main {
    private Main() {
    }

    public static void main(String[] arguments) {
        int at = List.of(arguments).indexOf("--scale");
        if (at >= 0 && at + 1 < arguments.length && arguments[at + 1].matches("\\d{3}")) {
            InterfaceScale.set(Integer.parseInt(arguments[at + 1]));
        }
        AmberFence.composeAhead(List.of(arguments));
        Application.launch(AmberFence.class, arguments);
    }
}
