package aldera.manifest;

public abstract class Cargo {
    private final String name;

    protected Cargo(String name) {
        this.name = name;
    }

    public String name() {
        return name;
    }

    public int count(CargoFilter filter) {
        return filter.lets(this) ? 1 : 0;
    }
}

class Box extends Cargo {
    Box(String name) {
        super(name);
    }
}

class Barrel extends Cargo {
    Barrel(String name) {
        super(name);
    }
}
