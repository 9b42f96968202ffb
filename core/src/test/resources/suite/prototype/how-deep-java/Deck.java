import java.util.ArrayList;
import java.util.List;

abstract class Part {
    abstract Part copy(boolean deep);
}

class Rail extends Part {
    private final int length;
    Rail(int length) { this.length = length; }
    Part copy(boolean deep) { return new Rail(length); }
}

class Deck extends Part {
    private final List<Part> parts;
    Deck(List<Part> parts) { this.parts = parts; }
    Part copy(boolean deep) {
        if (!deep) {
            return new Deck(new ArrayList<>(parts));
        }
        List<Part> copies = new ArrayList<>();
        for (Part part : parts) {
            copies.add(part.copy(true));
        }
        return new Deck(copies);
    }
}

class Yard {
    Part twin(Part part) { return part.copy(true); }
}
