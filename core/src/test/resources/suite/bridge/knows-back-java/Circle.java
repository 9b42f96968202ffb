package draw;

public class Circle extends Shape {
    public Circle(Pen pen) {
        super(pen);
    }

    @Override
    public void draw() {
        pen.arc(360, this);
    }
}
