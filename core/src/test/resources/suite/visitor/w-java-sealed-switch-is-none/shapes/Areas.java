package shapes;

public final class Areas {
    public double of(Shape shape) {
        return switch (shape) {
            case Disc disc -> Math.PI * disc.radius() * disc.radius();
            case Box box -> box.width() * box.height();
            case Stack stack -> stack.parts().stream().mapToDouble(this::of).sum();
        };
    }
}
