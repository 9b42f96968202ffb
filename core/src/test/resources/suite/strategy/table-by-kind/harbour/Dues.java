package harbour;

import java.util.EnumMap;
import java.util.Map;

enum Kind {
    FERRY, FREIGHTER
}

interface Rate {
    int of(int metres);
}

class FerryRate implements Rate {
    @Override
    public int of(int metres) {
        return metres * 2;
    }
}

class FreighterRate implements Rate {
    @Override
    public int of(int metres) {
        return metres * 5 + 100;
    }
}

class Dues {
    private final Map<Kind, Rate> rates = new EnumMap<>(Kind.class);

    void use(Kind kind, Rate rate) {
        rates.put(kind, rate);
    }

    int reckon(Kind kind, int metres) {
        Rate rate = rates.get(kind);
        if (rate == null) {
            throw new IllegalArgumentException("no rate for " + kind);
        }
        return rate.of(metres);
    }

    static Dues usual() {
        Dues dues = new Dues();
        dues.use(Kind.FERRY, new FerryRate());
        dues.use(Kind.FREIGHTER, new FreighterRate());
        return dues;
    }
}

class Office {
    int bill(Kind kind) {
        return Dues.usual().reckon(kind, 40);
    }
}
