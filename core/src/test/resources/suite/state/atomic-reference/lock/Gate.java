package lock;

import java.util.concurrent.atomic.AtomicReference;

public class Gate {
    private final AtomicReference<GateState> state = new AtomicReference<>(new Shut());

    public void push() {
        state.set(state.get().push());
    }

    public boolean passable() {
        return state.get().passable();
    }
}

interface GateState {
    GateState push();

    boolean passable();
}

class Shut implements GateState {
    public GateState push() {
        return new Open();
    }

    public boolean passable() {
        return false;
    }
}

class Open implements GateState {
    public GateState push() {
        return new Shut();
    }

    public boolean passable() {
        return true;
    }
}
