package amberfence.app;

import amberfence.app.files.AppFolder;
import amberfence.app.files.PreferencesFile;
import java.util.List;
import java.util.Optional;

/** How large everything in the window is. The toolkit takes it once, before it starts. */
final class InterfaceScale {
    private static final List<String> SYSTEMS = List.of("gtk", "win");

    private InterfaceScale() {
    }

    /** Takes what the window is started with, else what the person chose; else it is as the system says. */
    static void take(List<String> arguments, AppFolder folder) {
        int at = arguments.indexOf("--scale");
        Optional<String> wanted = at >= 0 && at + 1 < arguments.size() ? Optional.of(arguments.get(at + 1))
                : arguments.contains("--screenshot") ? Optional.empty() : PreferencesFile.kept(folder, "interface-scale");
        wanted.filter(percent -> percent.matches("1\\d\\d|200"))
                .ifPresent(percent -> SYSTEMS.forEach(system -> System.setProperty("glass." + system + ".uiScale", percent + "%")));
    }
}
