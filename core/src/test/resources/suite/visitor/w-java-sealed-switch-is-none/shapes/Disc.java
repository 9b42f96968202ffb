package shapes;

public record Disc(double radius) implements Shape {
}
