package harbour;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.Collectors;

interface Load {
    int tons();

    String label();
}

record Sack(String label, int tons) implements Load {
}

class Pallet implements Load {
    private final List<Load> loads = new ArrayList<>();

    void put(Load load) {
        loads.add(load);
    }

    @Override
    public int tons() {
        return loads.stream().mapToInt(Load::tons).sum();
    }

    @Override
    public String label() {
        return loads.stream().map(Load::label).collect(Collectors.joining(", "));
    }
}

class Scale {
    boolean over(Load load) {
        return load.tons() > 20;
    }

    boolean any(Collection<Load> loads) {
        return loads.stream().anyMatch(this::over);
    }
}
