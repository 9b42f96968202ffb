package form;

class SaveButton extends Widget {
    private boolean enabled;

    SaveButton(Dialog dialog) {
        super(dialog);
    }

    void enable(boolean on) {
        enabled = on;
    }

    void press() {
        if (enabled) {
            changed();
        }
    }
}
