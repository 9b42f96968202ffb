import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

interface Fee {
    String kind();

    int of(int tons);
}

final class TugFee implements Fee {
    public String kind() {
        return "tug";
    }

    public int of(int tons) {
        return 80;
    }
}

final class FerryFee implements Fee {
    public String kind() {
        return "ferry";
    }

    public int of(int tons) {
        return tons * 2;
    }
}

final class Desk {
    private final Map<String, Fee> fees;

    Desk(List<Fee> all) {
        this.fees = all.stream().collect(Collectors.toMap(Fee::kind, Function.identity()));
    }

    int bill(String kind, int tons) {
        return fees.get(kind).of(tons);
    }
}
