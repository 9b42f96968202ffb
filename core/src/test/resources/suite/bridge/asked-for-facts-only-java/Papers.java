abstract class Papers {
    protected final Ship ship;

    Papers(Ship ship) {
        this.ship = ship;
    }

    int dues() {
        return ship.length() * rate();
    }

    abstract int rate();
}

class HomePapers extends Papers {
    HomePapers(Ship ship) {
        super(ship);
    }

    int rate() {
        return 2;
    }
}

class ForeignPapers extends Papers {
    ForeignPapers(Ship ship) {
        super(ship);
    }

    int rate() {
        return 3;
    }
}

interface Ship {
    int length();
}

class Barge implements Ship {
    private final int length;

    Barge(int length) {
        this.length = length;
    }

    public int length() {
        return length;
    }
}

class Tug implements Ship {
    private final int length;

    Tug(int length) {
        this.length = length;
    }

    public int length() {
        return length;
    }
}

class Office {
    Papers issue() {
        return new HomePapers(new Barge(4));
    }

    Papers foreign() {
        return new ForeignPapers(new Tug(2));
    }
}
