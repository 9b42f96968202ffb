package aldera.berths;

public class Berthing {
    private final Slot slot;
    private final Draught draught;
    private final Crew crew;

    public Berthing() {
        this.slot = new Slot(4);
        this.draught = new Draught(9);
        this.crew = new Crew(12);
    }

    public int places() {
        return 3;
    }

    @Override
    public int hashCode() {
        return 31 * slot.key() + 7 * draught.tenths() + crew.heads();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Berthing berthing && berthing.slot.key() == slot.key();
    }
}

class Slot {
    private final int number;

    Slot(int number) {
        this.number = number;
    }

    int key() {
        return number * 17;
    }
}

class Draught {
    private final int metres;

    Draught(int metres) {
        this.metres = metres;
    }

    int tenths() {
        return metres * 10;
    }
}

class Crew {
    private final int aboard;

    Crew(int aboard) {
        this.aboard = aboard;
    }

    int heads() {
        return aboard + 1;
    }
}
