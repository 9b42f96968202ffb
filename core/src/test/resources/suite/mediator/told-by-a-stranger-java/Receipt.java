interface Berth {
    boolean taken();

    void alarm(String why);
}

class Receipt {
    private final Berth berth;
    private final Guard guard;
    private boolean sealed;

    Receipt(Berth berth) {
        this.berth = berth;
        this.guard = new Guard(this);
    }

    void refuse(String why) {
        if (berth.taken()) {
            berth.alarm(why);
        }
    }

    void seal() {
        sealed = true;
    }

    void check() {
        guard.rest();
    }
}

class Guard {
    private final Receipt receipt;

    Guard(Receipt receipt) {
        this.receipt = receipt;
    }

    void rest() {
        System.out.println("rest");
    }

    void leave() {
        receipt.seal();
    }
}

class QuayBerth implements Berth {
    private Receipt receipt = new Receipt(this);

    public boolean taken() {
        return receipt != null;
    }

    public void alarm(String why) {
        System.out.println(why);
    }

    void free() {
        receipt.seal();
    }
}

class Buoy implements Berth {
    private Receipt receipt = new Receipt(this);

    public boolean taken() {
        return receipt != null;
    }

    public void alarm(String why) {
        System.out.println("buoy " + why);
    }

    void free() {
        receipt.seal();
    }
}

class Customs {
    private final Receipt receipt;

    Customs(Receipt receipt) {
        this.receipt = receipt;
    }

    void stop() {
        receipt.refuse("customs");
    }
}
