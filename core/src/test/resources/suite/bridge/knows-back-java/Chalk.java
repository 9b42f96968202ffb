package draw;

public class Chalk implements Pen {
    private int dust;

    @Override
    public void line(int dx, int dy) {
        dust++;
    }

    @Override
    public void arc(int degrees, Shape shape) {
        dust += degrees;
    }
}
