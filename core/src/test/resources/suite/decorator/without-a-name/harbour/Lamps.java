package harbour;

interface Lamp {
    String show();
}

class PlainLamp implements Lamp {
    @Override
    public String show() {
        return "white";
    }
}

final class Lamps {
    private Lamps() {
    }

    static Lamp flashing(Lamp lamp) {
        return new Lamp() {
            @Override
            public String show() {
                return "(" + lamp.show() + ")*";
            }
        };
    }

    static Lamp shaded(Lamp lamp, String side) {
        return new Lamp() {
            @Override
            public String show() {
                return lamp.show() + " not to the " + side;
            }
        };
    }
}

class Tower {
    String tonight() {
        return Lamps.shaded(Lamps.flashing(new PlainLamp()), "north").show();
    }
}
