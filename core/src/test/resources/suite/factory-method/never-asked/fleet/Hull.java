package fleet;

interface Hull {
    int tons();
}

record SteelHull(int metres) implements Hull {
    public int tons() {
        return metres * 9;
    }
}

record OakHull(int metres) implements Hull {
    public int tons() {
        return metres * 5;
    }
}
