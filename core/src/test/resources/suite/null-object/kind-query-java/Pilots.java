interface Pilot {
    boolean isNone();

    void board(String ship);

    int fee(int tons);
}

final class HarbourPilot implements Pilot {
    private final String name;
    private int boarded;

    HarbourPilot(String name) {
        this.name = name;
    }

    @Override
    public boolean isNone() {
        return false;
    }

    @Override
    public void board(String ship) {
        boarded++;
        System.out.println(name + " boards " + ship);
    }

    @Override
    public int fee(int tons) {
        return 100 + tons / 10 + boarded;
    }
}

final class NoPilot implements Pilot {
    @Override
    public boolean isNone() {
        return true;
    }

    @Override
    public void board(String ship) {
    }

    @Override
    public int fee(int tons) {
        return 0;
    }
}

class Arrivals {
    private Pilot pilot = new NoPilot();

    void assign(Pilot pilot) {
        this.pilot = pilot == null ? new NoPilot() : pilot;
    }

    int arrive(String ship, int tons) {
        pilot.board(ship);
        return pilot.fee(tons);
    }
}
