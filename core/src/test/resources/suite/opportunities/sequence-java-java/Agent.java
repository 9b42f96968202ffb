package aldera;

class Agent {
    private final Berths berths = new Berths();
    private final Tugs tugs = new Tugs();
    private final Tolls tolls = new Tolls();

    int arrive(String ship) {
        int berth = berths.reserve(ship);
        tugs.send(berth);
        return tolls.collect(ship);
    }
}
