package pilots;

public abstract class Station {
    public String meet(String ship) {
        Launch launch = launch();
        return launch.reach(ship);
    }

    protected abstract Launch launch();
}
