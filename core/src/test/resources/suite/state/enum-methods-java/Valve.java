package aldera.valve;

public class Valve {
    private State state = State.CLOSED;

    public void turn() {
        state = state.turned();
    }

    public int flow() {
        return state.flow();
    }

    enum State {
        CLOSED {
            @Override
            State turned() {
                return HALF;
            }

            @Override
            int flow() {
                return 0;
            }
        },
        HALF {
            @Override
            State turned() {
                return OPEN;
            }

            @Override
            int flow() {
                return 50;
            }
        },
        OPEN {
            @Override
            State turned() {
                return CLOSED;
            }

            @Override
            int flow() {
                return 100;
            }
        };

        abstract State turned();

        abstract int flow();
    }
}
