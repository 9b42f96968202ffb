package desk;

enum Season { LOW, HIGH }

record Berth(String name, int metres, Season season, boolean water, boolean power) {}

class Money {
    private final long cents;
    Money(long cents) { this.cents = cents; }
    Money plus(Money other) { return new Money(cents + other.cents); }
    @Override public boolean equals(Object o) { return o instanceof Money m && m.cents == cents; }
    @Override public int hashCode() { return Long.hashCode(cents); }
}

class Desk {
    private final java.util.Map<String, Berth> berths = new java.util.HashMap<>();
    private Money taken = new Money(0);

    void open() {
        berths.put("a", new Berth("a", 12, Season.LOW, true, true));
    }

    Money price(String name) {
        Berth berth = berths.get(name);
        if (berth == null) throw new IllegalArgumentException(name);
        return switch (berth.season()) {
            case LOW -> new Money(10L * berth.metres());
            case HIGH -> new Money(25L * berth.metres());
        };
    }

    void take(String name) {
        taken = taken.plus(price(name));
    }
}
