package aldera;

public record Ship(String name, double tons) {
}
