package form;

class NameField extends Widget {
    private String text = "";
    private Hint hint;

    NameField(Dialog dialog) {
        super(dialog);
    }

    void show(Hint hint) {
        this.hint = hint;
    }

    void type(String more) {
        text += more;
        hint.say("typing");
        changed();
    }

    String text() {
        return text;
    }

    void clear() {
        text = "";
    }
}
