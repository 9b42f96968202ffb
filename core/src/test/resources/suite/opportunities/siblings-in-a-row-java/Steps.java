package aldera;

class Paper {
    void sheet(String text) {
        System.out.println(text);
    }
}

class Seal {
    void press() {
        System.out.println("*");
    }
}

class Shelf {
    private int put;

    void put(String what) {
        put += what.length();
    }
}

abstract class Form {
    final Paper paper;
    final Seal seal;
    final Shelf shelf;

    Form(Paper paper, Seal seal, Shelf shelf) {
        this.paper = paper;
        this.seal = seal;
        this.shelf = shelf;
    }

    abstract void fill(String ship);
}

class Arrival extends Form {
    Arrival(Paper paper, Seal seal, Shelf shelf) {
        super(paper, seal, shelf);
    }

    @Override
    void fill(String ship) {
        paper.sheet("in: " + ship);
        seal.press();
        shelf.put(ship);
    }
}

class Departure extends Form {
    Departure(Paper paper, Seal seal, Shelf shelf) {
        super(paper, seal, shelf);
    }

    @Override
    void fill(String ship) {
        paper.sheet("out: " + ship);
        seal.press();
        shelf.put(ship + "!");
    }
}
