class Slip {
    private final String berth;

    Slip(String berth) {
        this.berth = berth;
    }

    String berth() {
        return berth;
    }
}

class Desk {
    private final String berth;
    private int open;
    private boolean lit;

    Desk(String berth) {
        this.berth = berth;
    }

    Desk open() {
        open = open + 1;
        return this;
    }

    Desk light() {
        lit = true;
        return this;
    }

    Slip slip() {
        return new Slip(berth);
    }

    boolean ready() {
        return lit && open > 0;
    }
}

class Clerk {
    String work(Desk desk) {
        return desk.open().light().slip().berth();
    }
}
