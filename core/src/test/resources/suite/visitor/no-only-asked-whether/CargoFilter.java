package aldera.manifest;

public interface CargoFilter {
    boolean lets(Cargo cargo);
}

class NamedFilter implements CargoFilter {
    private final String part;

    NamedFilter(String part) {
        this.part = part;
    }

    @Override
    public boolean lets(Cargo cargo) {
        return cargo.name().contains(part);
    }
}

class ShortFilter implements CargoFilter {
    @Override
    public boolean lets(Cargo cargo) {
        return cargo.name().length() < 8;
    }
}
