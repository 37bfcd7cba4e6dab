package amberfence.app;

import java.util.List;

/** How large everything in the window is. The toolkit takes it once, before it starts. */
final class InterfaceScale {
    private static final List<String> SYSTEMS = List.of("gtk", "win");

    private InterfaceScale() {
    }

    /** @param percent 100–200, in place of what the system says */
    static void set(int percent) {
        SYSTEMS.forEach(system -> System.setProperty("glass." + system + ".uiScale", percent + "%"));
    }
}
