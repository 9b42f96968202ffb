package toll;

interface Toll {
    int cents(int tons);
}

class PerTon implements Toll {
    @Override
    public int cents(int tons) {
        return tons * 3;
    }
}

class Usual implements Toll {
    @Override
    public int cents(int tons) {
        return new PerTon().cents(tons);
    }
}

class Flat implements Toll {
    @Override
    public int cents(int tons) {
        return tons > 100 ? 900 : 400;
    }
}

class Desk {
    private final Toll toll;

    Desk(Toll toll) {
        this.toll = toll;
    }

    int bill(int tons) {
        return toll.cents(tons) + 20;
    }

    public static void main(String[] args) {
        System.out.println(new Desk(new Usual()).bill(4) + new Desk(new Flat()).bill(4));
    }
}
