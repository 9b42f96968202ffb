package tram;

interface Fare {
    int cents(int zones);
}

class DayFare implements Fare {
    @Override
    public int cents(int zones) {
        return 120 + zones * 40;
    }
}

class NightFare implements Fare {
    @Override
    public int cents(int zones) {
        return 200 + zones * 60;
    }
}

class Machine {
    private Fare fare;
    private final DayFare usual = new DayFare();

    Machine(Fare fare) {
        this.fare = fare;
    }

    void use(Fare other) {
        fare = other;
    }

    int price(int zones) {
        return Math.min(fare.cents(zones), usual.cents(zones) * 3);
    }
}

class Depot {
    Machine night() {
        Machine machine = new Machine(new DayFare());
        machine.use(new NightFare());
        return machine;
    }
}
