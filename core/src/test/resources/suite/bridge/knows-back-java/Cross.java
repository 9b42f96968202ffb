package draw;

public class Cross extends Shape {
    public Cross(Pen pen) {
        super(pen);
    }

    @Override
    public void draw() {
        pen.line(1, 1);
        pen.line(-1, 1);
    }
}
