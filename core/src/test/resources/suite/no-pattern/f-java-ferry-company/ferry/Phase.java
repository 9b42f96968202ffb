package aldera.ferry;

abstract class Phase {
    abstract void go(Ferry ferry);

    abstract String label();

    void board(Ferry ferry, int people) {
        throw new IllegalStateException("nobody boards while " + label());
    }
}

final class Moored extends Phase {
    @Override
    void board(Ferry ferry, int people) {
        ferry.add(people);
    }

    @Override
    void go(Ferry ferry) {
        ferry.enter(new Crossing(2));
    }

    @Override
    String label() {
        return "moored";
    }
}

final class Crossing extends Phase {
    private int legs;

    Crossing(int legs) {
        this.legs = legs;
    }

    @Override
    void go(Ferry ferry) {
        if (--legs == 0) {
            ferry.enter(new Landing());
        }
    }

    @Override
    String label() {
        return "crossing, " + legs + " to go";
    }
}

final class Landing extends Phase {
    @Override
    void go(Ferry ferry) {
        int people = ferry.empty();
        System.out.println(people + " ashore");
        ferry.enter(new Moored());
    }

    @Override
    String label() {
        return "landing";
    }
}
