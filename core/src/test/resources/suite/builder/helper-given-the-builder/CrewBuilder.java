import java.util.ArrayList;
import java.util.List;

interface Crew {
    String muster();
}

class CrewBuilder {
    private String ship = "";
    private final List<String> hands = new ArrayList<>();

    CrewBuilder of(String ship) {
        this.ship = ship;
        return this;
    }

    CrewBuilder with(String hand) {
        hands.add(hand);
        return this;
    }

    Crew build() {
        return sign(this);
    }

    private static Crew sign(CrewBuilder builder) {
        String ship = builder.ship;
        List<String> hands = List.copyOf(builder.hands);
        return new Crew() {
            @Override
            public String muster() {
                return ship + ": " + String.join(", ", hands);
            }
        };
    }
}

class Purser {
    String list() {
        return new CrewBuilder().of("Petrel").with("Ana").with("Ivo").build().muster();
    }
}
