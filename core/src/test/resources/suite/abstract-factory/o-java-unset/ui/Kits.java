package ui;

class FlatKit implements WidgetKit {
    @Override
    public Button button() {
        return new FlatButton();
    }

    @Override
    public Scroll scroll(int length) {
        return new FlatScroll(length);
    }
}

class RoundKit implements WidgetKit {
    @Override
    public Button button() {
        return new RoundButton();
    }

    @Override
    public Scroll scroll(int length) {
        return new RoundScroll(length);
    }
}
