import java.util.EnumMap;
import java.util.List;
import java.util.Map;

enum Kind {
    TUG, FERRY, TANKER
}

interface Fee {
    Kind kind();

    int of(int tons);
}

final class TugFee implements Fee {
    public Kind kind() {
        return Kind.TUG;
    }

    public int of(int tons) {
        return 80;
    }
}

final class FerryFee implements Fee {
    public Kind kind() {
        return Kind.FERRY;
    }

    public int of(int tons) {
        return tons * 2;
    }
}

final class Desk {
    private final Map<Kind, Fee> fees = new EnumMap<>(Kind.class);

    Desk(List<Fee> all) {
        for (Fee fee : all) {
            fees.put(fee.kind(), fee);
        }
    }

    int bill(Kind kind, int tons) {
        Fee fee = fees.get(kind);
        if (fee == null) {
            throw new IllegalArgumentException("no fee for " + kind);
        }
        return fee.of(tons);
    }
}
