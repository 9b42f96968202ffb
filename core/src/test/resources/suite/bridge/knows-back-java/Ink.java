package draw;

public class Ink implements Pen {
    private int used;

    @Override
    public void line(int dx, int dy) {
        used += dx + dy;
    }

    @Override
    public void arc(int degrees, Shape shape) {
        used += degrees * shape.size();
    }
}
