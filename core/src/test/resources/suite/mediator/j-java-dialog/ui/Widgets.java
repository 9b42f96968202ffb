package ui;

abstract class Widget {
    protected final FormMediator mediator;

    Widget(FormMediator mediator) {
        this.mediator = mediator;
    }
}

class TextBox extends Widget {
    private String text = "";

    TextBox(FormMediator mediator) {
        super(mediator);
        mediator.register(this);
    }

    void type(String more) {
        text += more;
        mediator.nameChanged();
    }

    String text() {
        return text;
    }

    void clear() {
        text = "";
    }
}

class CheckBox extends Widget {
    private boolean ticked;
    private Button buddy;

    CheckBox(FormMediator mediator) {
        super(mediator);
        mediator.register(this);
    }

    void buddy(Button buddy) {
        this.buddy = buddy;
    }

    void tick() {
        ticked = !ticked;
        mediator.foreignTicked();
    }
}

class Button extends Widget {
    private boolean enabled;

    Button(FormMediator mediator) {
        super(mediator);
        mediator.register(this);
    }

    void enable(boolean enabled) {
        this.enabled = enabled;
    }
}
