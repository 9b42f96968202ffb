package map;

public record Point(double x, double y, double z, String name, int colour, boolean shown) {
}
