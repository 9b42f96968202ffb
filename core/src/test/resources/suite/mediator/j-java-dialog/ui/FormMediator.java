package ui;

class FormMediator {
    private TextBox name;
    private CheckBox foreign;
    private Button send;

    void register(TextBox box) {
        name = box;
    }

    void register(CheckBox box) {
        foreign = box;
    }

    void register(Button button) {
        send = button;
    }

    void nameChanged() {
        send.enable(!name.text().isEmpty());
    }

    void foreignTicked() {
        name.clear();
        send.enable(false);
    }
}
