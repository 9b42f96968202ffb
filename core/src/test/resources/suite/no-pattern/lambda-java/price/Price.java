package price;

@FunctionalInterface
public interface Price {
    int cents(int tons);

    default Price withMinimum(int least) {
        return tons -> Math.max(least, cents(tons));
    }

    default Price plus(int extra) {
        return tons -> cents(tons) + extra;
    }
}

class PerTon implements Price {
    public int cents(int tons) {
        return tons * 3;
    }
}

class Desk {
    private final Price price = new PerTon().withMinimum(400).plus(20);

    int bill(int tons) {
        return price.cents(tons);
    }
}
