package amberfence.app;

import amberfence.app.files.AppFolder;
import amberfence.app.session.Preferences;
import java.util.List;

/** How large everything in the window is. The toolkit takes it once, before it starts. */
final class InterfaceScale {
    private static final List<String> SYSTEMS = List.of("gtk", "win");

    private InterfaceScale() {
    }

    /** Takes what the window is started with, else what the person chose; else it is as the system says. */
    static void take(List<String> arguments, AppFolder folder) {
        StartChoice.of(arguments, "--scale", folder, Preferences.INTERFACE_SCALE)
                .filter(percent -> percent.matches("1\\d\\d|200"))
                .ifPresent(percent -> SYSTEMS.forEach(system -> System.setProperty("glass." + system + ".uiScale", percent + "%")));
    }
}
