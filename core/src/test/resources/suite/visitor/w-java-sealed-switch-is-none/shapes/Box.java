package shapes;

public record Box(double width, double height) implements Shape {
}
