package harbour;

class Tug extends Boat {
    Tug(String name) {
        super(name);
    }

    @Override
    public int crew() {
        return 4;
    }
}

class PilotCutter extends Boat {
    PilotCutter(String name) {
        super(name);
    }

    @Override
    public int crew() {
        return 2;
    }
}

class Barge extends Boat {
    Barge(String name) {
        super(name);
    }

    @Override
    public int crew() {
        return 3;
    }
}
