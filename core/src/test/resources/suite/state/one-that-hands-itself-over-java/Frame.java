class Frame {
    private View shown;

    void show(View view) {
        shown = view;
    }

    void paint() {
        shown.draw();
    }
}

interface View {
    void draw();
}

class TideView implements View {
    private final Frame frame;

    TideView(Frame frame) {
        this.frame = frame;
    }

    void open() {
        frame.show(this);
    }

    public void draw() {
        System.out.println("tide");
    }
}

class BerthView implements View {
    private final Frame frame;

    BerthView(Frame frame) {
        this.frame = frame;
    }

    void open() {
        frame.show(this);
    }

    public void draw() {
        System.out.println("berths");
    }
}
