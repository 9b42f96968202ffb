package dev.huella.desktop;

/** The stages of the work that the window has so far, in their order. */
enum WorkStage {
    INTAKE("Intake"), STRUCTURE("Structure"), FINDS("Finds");

    private final String title;

    WorkStage(String title) {
        this.title = title;
    }

    String title() {
        return title;
    }
}
