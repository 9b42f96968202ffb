package fleet;

public abstract class Shipyard {
    private int built;

    protected abstract Hull lay(int metres);

    public void count() {
        built++;
    }
}

class SteelYard extends Shipyard {
    @Override
    protected Hull lay(int metres) {
        return new SteelHull(metres);
    }
}

class OakYard extends Shipyard {
    @Override
    protected Hull lay(int metres) {
        return new OakHull(metres);
    }
}
