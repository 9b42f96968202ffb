package dev.huella.desktop;

import javafx.application.Application;

/** Starts the window. Apart from the application class, so that JavaFX may lie on the module path and we need not. */
public final class Launcher {
    private Launcher() {}

    public static void main(String[] arguments) {
        Application.launch(HuellaApp.class, arguments);
    }
}
