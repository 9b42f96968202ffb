package aldera;

interface Crane {
    void lift(int tons);

    void swing(int degrees);
}

class QuayCrane implements Crane {
    private int load;

    public void lift(int tons) {
        load += tons;
    }

    public void swing(int degrees) {
        System.out.println("swings " + degrees + " with " + load);
    }
}

class LockedCrane implements Crane {
    private final Crane crane;
    private final boolean nightShift;

    LockedCrane(Crane crane, boolean nightShift) {
        this.crane = crane;
        this.nightShift = nightShift;
    }

    public void lift(int tons) {
        allow();
        crane.lift(tons);
    }

    public void swing(int degrees) {
        allow();
        crane.swing(degrees);
    }

    private void allow() {
        if (nightShift) {
            throw new IllegalStateException("The quay is closed at night.");
        }
    }
}

class Foreman {
    void work(Crane crane) {
        crane.lift(4);
        crane.swing(90);
    }
}

class Port {
    Crane crane() {
        return new LockedCrane(new QuayCrane(), true);
    }
}
