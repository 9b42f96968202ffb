package harbour;

public class Valve {
    interface Mode {
        void turn();
    }

    private final Mode open = new Mode() {
        @Override
        public void turn() {
            flow = 0;
            mode = closed;
        }
    };
    private final Mode closed = new Mode() {
        @Override
        public void turn() {
            flow = 9;
            mode = open;
        }
    };
    private Mode mode = closed;
    private int flow;

    public void turn() {
        mode.turn();
    }

    public int flow() {
        return flow;
    }
}
