package aldera;

interface Rope {
    int breaksAt();
}

interface Anchor {
    void drop();
}

interface Flag {
    String colours();
}

class HempRope implements Rope {
    private final int metres;

    HempRope(int metres) {
        this.metres = metres;
    }

    public int breaksAt() {
        return 900 - metres;
    }
}

class SteelRope implements Rope {
    public int breaksAt() {
        return 4000;
    }
}

class StockAnchor implements Anchor {
    public void drop() {
        System.out.println("stock anchor");
    }
}

class PlainFlag implements Flag {
    public String colours() {
        return "blue";
    }
}

class BoatOutfit extends Outfit {
    public Rope rope(int metres) {
        return new HempRope(metres);
    }

    public Anchor anchor() {
        return null;
    }
}

class ShipOutfit extends Outfit {
    public Rope rope(int metres) {
        return new SteelRope();
    }

    public Anchor anchor() {
        return new StockAnchor();
    }
}
