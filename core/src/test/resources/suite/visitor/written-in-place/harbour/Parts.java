package harbour;

import java.util.List;

interface PartVisitor {
    void plank(Plank plank);

    void rope(Rope rope);
}

interface Part {
    void accept(PartVisitor visitor);
}

record Plank(int metres) implements Part {
    @Override
    public void accept(PartVisitor visitor) {
        visitor.plank(this);
    }
}

record Rope(int strands) implements Part {
    @Override
    public void accept(PartVisitor visitor) {
        visitor.rope(this);
    }
}

class Store {
    private int sum;

    int price(List<Part> parts) {
        PartVisitor visitor = new PartVisitor() {
            @Override
            public void plank(Plank plank) {
                sum += plank.metres() * 4;
            }

            @Override
            public void rope(Rope rope) {
                sum += rope.strands();
            }
        };
        parts.forEach(part -> part.accept(visitor));
        return sum;
    }
}
