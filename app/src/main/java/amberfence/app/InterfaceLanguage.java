package amberfence.app;

import amberfence.app.files.AppFolder;
import amberfence.app.session.Preferences;
import amberfence.words.Languages;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** In which language the window speaks. Texts are taken in it once, so that it is decided before anything is said. */
final class InterfaceLanguage {
    private InterfaceLanguage() {
    }

    /** Takes the language that the window is started with, else the one that the person chose; else it is as the system says. */
    static void take(List<String> arguments, AppFolder folder) {
        // Pictures are in English, on whatever machine they are taken.
        StartChoice.of(arguments, "--language", folder, Preferences.INTERFACE_LANGUAGE)
                .or(() -> arguments.contains("--screenshot") ? Optional.of(Languages.ALL.get(0)) : Optional.empty())
                .filter(Languages.ALL::contains).map(Locale::new).ifPresent(Locale::setDefault);
    }
}
