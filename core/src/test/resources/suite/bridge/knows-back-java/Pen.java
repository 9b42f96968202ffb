package draw;

public interface Pen {
    void line(int dx, int dy);

    void arc(int degrees, Shape shape);
}
