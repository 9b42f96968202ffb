package aldera;

class ConvoyWalk implements Walk {
    private final Convoy convoy;

    ConvoyWalk(Convoy convoy) {
        this.convoy = convoy;
    }

    @Override
    public boolean more() {
        return convoy.at < convoy.ships.size();
    }

    @Override
    public String next() {
        return convoy.ships.get(convoy.at++);
    }
}
