import java.util.ArrayList;
import java.util.List;

class Quay {
    private final String name;
    private final List<Quay> parts = new ArrayList<>();

    Quay(String name) {
        this.name = name;
    }

    Quay divide() {
        Quay part = new Quay(name);
        parts.add(part);
        return part;
    }
}

class Planner {
    Quay plan(Quay quay) {
        return quay.divide();
    }
}
