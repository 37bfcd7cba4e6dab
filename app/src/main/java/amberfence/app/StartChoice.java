package amberfence.app;

import amberfence.app.files.AppFolder;
import amberfence.app.files.PreferencesFile;
import java.util.List;
import java.util.Optional;

/** What has to be known before there is a window. */
final class StartChoice {
    private StartChoice() {
    }

    /** What the window is started with, else what the person chose; pictures are taken as if nobody had chosen anything. */
    static Optional<String> of(List<String> arguments, String option, AppFolder folder, String kept) {
        int at = arguments.indexOf(option);
        return at >= 0 && at + 1 < arguments.size() ? Optional.of(arguments.get(at + 1))
                : arguments.contains("--screenshot") ? Optional.empty() : PreferencesFile.kept(folder, kept);
    }
}
