package form;

class Hint extends Widget {
    private String shown = "";

    Hint(Dialog dialog) {
        super(dialog);
    }

    void say(String text) {
        shown = text;
    }

    void click() {
        shown = "";
        changed();
    }
}
