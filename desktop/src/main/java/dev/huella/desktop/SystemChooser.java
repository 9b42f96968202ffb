package dev.huella.desktop;

import java.io.File;
import java.nio.file.Path;
import javafx.scene.control.TextInputDialog;
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

    @Override
    public Path saveAs(String name) {
        var chooser = new FileChooser();
        chooser.setTitle("Write the drawing to a file");
        chooser.setInitialFileName(name);
        chooser.getExtensionFilters()
                .addAll(new FileChooser.ExtensionFilter("SVG, lines and text", "*.svg"),
                        new FileChooser.ExtensionFilter("PDF, one page", "*.pdf"),
                        new FileChooser.ExtensionFilter("PNG, a picture", "*.png"),
                        new FileChooser.ExtensionFilter("XMI, the model for other tools", "*.xmi"));
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public String name(String suggested) {
        var dialog = new TextInputDialog(suggested);
        dialog.initOwner(owner);
        dialog.setTitle("A set of types");
        dialog.setHeaderText(null);
        dialog.setContentText("What shall the set be called?");
        return dialog.showAndWait().map(String::strip).filter(text -> !text.isEmpty()).orElse(null);
    }

    private static Path path(File file) {
        return file == null ? null : file.toPath();
    }
}
