package forest;

public record Tree(int x, int y, Species species) {
    static Tree at(int x, int y, String species) {
        return new Tree(x, y, Species.of(species));
    }

    int weight() {
        return species.size() + x + y;
    }
}
