package ui;

interface Button {
    String paint();
}

interface Scroll {
    int track();
}

class FlatButton implements Button {
    public String paint() {
        return "[ ]";
    }
}

class FlatScroll implements Scroll {
    private final int length;

    FlatScroll(int length) {
        this.length = length;
    }

    public int track() {
        return length;
    }
}

class RoundButton implements Button {
    public String paint() {
        return "( )";
    }
}

class RoundScroll implements Scroll {
    private final int length;

    RoundScroll(int length) {
        this.length = length;
    }

    public int track() {
        return length - 2;
    }
}
