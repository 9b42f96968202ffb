package harbour;

import java.util.List;

interface PartVisitor {
    void visit(Part part);
}

abstract class Part {
    private final int weight;

    Part(int weight) {
        this.weight = weight;
    }

    int weight() {
        return weight;
    }

    void accept(PartVisitor visitor) {
        visitor.visit(this);
    }
}

class Plank extends Part {
    Plank(int weight) {
        super(weight);
    }
}

class Crate extends Part {
    private final List<Part> inside;

    Crate(int weight, List<Part> inside) {
        super(weight);
        this.inside = inside;
    }

    @Override
    void accept(PartVisitor visitor) {
        visitor.visit(this);
        for (Part part : inside) {
            part.accept(visitor);
        }
    }
}

class Weigher implements PartVisitor {
    private int sum;

    @Override
    public void visit(Part part) {
        sum += part.weight();
    }

    int sum() {
        return sum;
    }
}

class Counter implements PartVisitor {
    private int parts;

    @Override
    public void visit(Part part) {
        parts++;
    }
}

class Store {
    int weigh(Part part) {
        Weigher weigher = new Weigher();
        part.accept(weigher);
        part.accept(new Counter());
        return weigher.sum();
    }

    static int day() {
        return new Store().weigh(new Crate(2, List.of(new Plank(3))));
    }
}
