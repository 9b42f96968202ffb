package form;

abstract class Widget {
    protected final Dialog dialog;

    Widget(Dialog dialog) {
        this.dialog = dialog;
    }

    protected void changed() {
        dialog.changed(this);
    }
}
