package harbour;

public abstract class Boat {
    private final String name;

    protected Boat(String name) {
        this.name = name;
    }

    public String name() {
        return name;
    }

    public abstract int crew();
}
