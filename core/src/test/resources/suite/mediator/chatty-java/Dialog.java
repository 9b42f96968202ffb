package form;

public class Dialog {
    private final NameField name = new NameField(this);
    private final SaveButton save = new SaveButton(this);
    private final Hint hint = new Hint(this);

    {
        name.show(hint);
    }

    void changed(Widget widget) {
        if (widget == name) {
            save.enable(!name.text().isEmpty());
            hint.say(name.text().isEmpty() ? "type a name" : "");
        } else if (widget == save) {
            name.clear();
        }
    }
}
