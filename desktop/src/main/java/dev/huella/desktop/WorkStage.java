package dev.huella.desktop;

/** The stages of the work, in their order. */
enum WorkStage {
    INTAKE("Intake", true), STRUCTURE("Structure", true), FINDS("Finds", true), VERDICTS("Verdicts", true), COMPARE(
            "Compare", false), CATALOGUE("Catalogue", false);

    private final String title;
    private final boolean there;

    WorkStage(String title, boolean there) {
        this.title = title;
        this.there = there;
    }

    String title() {
        return title;
    }

    /** False for stages that have their place and nothing in it yet. */
    boolean there() {
        return there;
    }
}
