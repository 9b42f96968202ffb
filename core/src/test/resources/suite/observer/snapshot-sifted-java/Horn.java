import java.util.ArrayList;
import java.util.List;

interface Hearer {
    void blown(int seconds);
    boolean isNear();
}

class Horn {
    private final List<Hearer> hearers = new ArrayList<>();
    private int blownFor;

    void add(Hearer hearer) {
        hearers.add(hearer);
    }

    void leave(Hearer hearer) {
        hearers.remove(hearer);
    }

    void blow(int seconds) {
        blownFor += seconds;
        List<Hearer> near = new ArrayList<>();
        for (Hearer hearer : hearers) {
            if (hearer.isNear()) {
                near.add(hearer);
            }
        }
        for (Hearer hearer : near) {
            hearer.blown(blownFor);
        }
    }
}
