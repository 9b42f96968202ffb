package dev.huella.desktop;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/**
 * How the window was when it was closed.
 *
 * @param sources what was open, as paths
 * @param focus key of what was looked at
 * @param textSize in percent of the usual
 * @param byPackage finds and verdicts are listed by package
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record WindowState(List<String> sources, String stage, String focus, boolean dark, int textSize,
        boolean byPackage) {
    private static final ObjectMapper JSON = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);
    static final WindowState FIRST = new WindowState(List.of(), "FINDS", "nothing", false, 100, false);

    WindowState {
        sources = sources == null ? List.of() : List.copyOf(sources);
        textSize = textSize < 50 || textSize > 250 ? 100 : textSize;
    }

    /** The person's own folder for what is remembered; a system property may name another. */
    static Path folder() {
        String named = System.getProperty("huella.state");
        return named != null ? Path.of(named) : Path.of(System.getProperty("user.home"), ".local", "state", "huella");
    }

    /** The first state when there is none, or none that can be read: nothing but places is lost. */
    static WindowState load(Path folder) {
        try {
            Path file = folder.resolve("window.json");
            return Files.exists(file) ? JSON.readValue(file.toFile(), WindowState.class) : FIRST;
        } catch (IOException e) {
            return FIRST; // it is written anew when the window closes
        }
    }

    void save(Path folder) throws IOException {
        Files.createDirectories(folder);
        JSON.writeValue(folder.resolve("window.json").toFile(), this);
    }
}
