package draw;

public abstract class Shape {
    protected final Pen pen;

    protected Shape(Pen pen) {
        this.pen = pen;
    }

    public abstract void draw();

    public int size() {
        return 1;
    }
}
