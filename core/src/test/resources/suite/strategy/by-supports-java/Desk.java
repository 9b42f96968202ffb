import java.util.List;

interface Fee {
    boolean isFor(String kind);

    int of(int tons);
}

final class TugFee implements Fee {
    @Override
    public boolean isFor(String kind) {
        return kind.equals("tug");
    }

    @Override
    public int of(int tons) {
        return 80;
    }
}

final class FerryFee implements Fee {
    @Override
    public boolean isFor(String kind) {
        return kind.startsWith("ferry");
    }

    @Override
    public int of(int tons) {
        return tons * 2;
    }
}

final class Desk {
    private final List<Fee> fees;

    Desk(List<Fee> fees) {
        this.fees = List.copyOf(fees);
    }

    int bill(String kind, int tons) {
        return fees.stream()
                .filter(fee -> fee.isFor(kind))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no fee for " + kind))
                .of(tons);
    }
}
