package dev.huella.desktop;

import java.io.File;
import java.nio.file.Path;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** The system's own choosers. */
record SystemChooser(Stage owner) implements SourceChooser {
    @Override
    public Path folder() {
        var chooser = new DirectoryChooser();
        chooser.setTitle("Open a folder of code");
        return path(chooser.showDialog(owner));
    }

    @Override
    public Path archive() {
        var chooser = new FileChooser();
        chooser.setTitle("Open an archive or a file of code");
        chooser.getExtensionFilters()
                .addAll(new FileChooser.ExtensionFilter("Archives and code", "*.zip", "*.jar", "*.java"),
                        new FileChooser.ExtensionFilter("All files", "*.*"));
        return path(chooser.showOpenDialog(owner));
    }

    private static Path path(File file) {
        return file == null ? null : file.toPath();
    }
}
