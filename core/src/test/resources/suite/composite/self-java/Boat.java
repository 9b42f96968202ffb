public record Boat(double load) implements Vessel {}
