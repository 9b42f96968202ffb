package aldera;

import java.util.List;

class Night {
    private final Berths berths;
    private final Tugs tugs;
    private final Tolls tolls;

    Night(Berths berths, Tugs tugs, Tolls tolls) {
        this.berths = berths;
        this.tugs = tugs;
        this.tolls = tolls;
    }

    void run(List<String> ships) {
        for (String ship : ships) {
            tugs.send(berths.reserve(ship));
            tolls.collect(ship);
        }
    }
}
