class Buoy {
    private Lamp lamp = new Lamp(1);
    private int depth;

    Lamp lamp() {
        return lamp;
    }

    void lamp(Lamp lamp) {
        this.lamp = lamp;
    }

    void blink() {
        lamp = lamp.brighter();
    }

    void sink() {
        depth++;
    }
}

final class Lamp {
    private final int power;

    Lamp(int power) {
        this.power = power;
    }

    Lamp brighter() {
        return new Lamp(power + 1);
    }
}

class Keeper {
    private Lamp before;

    void keep(Buoy buoy) {
        before = buoy.lamp();
    }

    void back(Buoy buoy) {
        buoy.lamp(before);
    }
}
