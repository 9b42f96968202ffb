package crew;

import java.util.ArrayList;
import java.util.List;

public final class Sailor {
    private static final List<Sailor> ALL = new ArrayList<>();
    private final String name;
    private final int rank;

    private Sailor(String name, int rank) {
        this.name = name;
        this.rank = rank;
    }

    public static Sailor of(String name) {
        Sailor sailor = new Sailor(name, 1);
        ALL.add(sailor);
        System.out.println("hired " + name);
        return sailor;
    }

    public static Sailor parse(String line) {
        String[] parts = line.split(":");
        return new Sailor(parts[0], Integer.parseInt(parts[1]));
    }

    public boolean outranks(Sailor other) {
        return rank > other.rank;
    }

    @Override
    public String toString() {
        return name;
    }
}
