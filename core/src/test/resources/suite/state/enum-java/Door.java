package aldera.door;

enum DoorState {
    OPEN {
        @Override
        DoorState push() {
            return SHUT;
        }
    },
    SHUT {
        @Override
        DoorState push() {
            return OPEN;
        }

        @Override
        DoorState turnKey() {
            return LOCKED;
        }
    },
    LOCKED {
        @Override
        DoorState turnKey() {
            return SHUT;
        }
    };

    DoorState push() {
        return this;
    }

    DoorState turnKey() {
        return this;
    }
}

public class Door {
    private DoorState state = DoorState.SHUT;

    public void push() {
        state = state.push();
    }

    public void turnKey() {
        state = state.turnKey();
    }
}
