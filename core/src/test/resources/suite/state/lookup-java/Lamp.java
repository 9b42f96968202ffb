import java.util.EnumMap;
import java.util.Map;

enum Phase {
    DARK, LIT
}

interface LampState {
    Phase press();

    String label();
}

final class Dark implements LampState {
    @Override
    public Phase press() {
        return Phase.LIT;
    }

    @Override
    public String label() {
        return "dark";
    }
}

final class Lit implements LampState {
    @Override
    public Phase press() {
        return Phase.DARK;
    }

    @Override
    public String label() {
        return "lit";
    }
}

final class Lamp {
    private final Map<Phase, LampState> states = new EnumMap<>(Phase.class);
    private LampState state;

    Lamp() {
        states.put(Phase.DARK, new Dark());
        states.put(Phase.LIT, new Lit());
        state = states.get(Phase.DARK);
    }

    void press() {
        state = states.get(state.press());
    }

    String label() {
        return state.label();
    }
}
