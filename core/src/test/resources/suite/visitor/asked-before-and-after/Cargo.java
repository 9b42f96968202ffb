package aldera.manifest;

import java.util.ArrayList;
import java.util.List;

public abstract class Cargo {
    private final List<Cargo> inside = new ArrayList<>();

    public void add(Cargo cargo) {
        inside.add(cargo);
    }

    public void accept(Inspector inspector) {
        if (inspector.enter(this)) {
            inside.forEach(cargo -> cargo.accept(inspector));
        }
        inspector.leave(this);
    }
}

class Box extends Cargo {
}

class Container extends Cargo {
}
