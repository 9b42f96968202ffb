package aldera;

public record Badge(String name, boolean officer) {
}
