package shapes;

import java.util.List;

public record Stack(List<Shape> parts) implements Shape {
}
