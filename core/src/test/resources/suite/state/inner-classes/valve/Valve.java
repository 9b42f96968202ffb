package valve;

public class Valve {
    private final Position shut = new Shut();
    private final Position open = new Open();
    private Position position = shut;
    private int turns;

    public void turn() {
        position.turn();
    }

    public boolean lets() {
        return position.lets();
    }

    private interface Position {
        void turn();

        boolean lets();
    }

    private class Shut implements Position {
        @Override
        public void turn() {
            turns++;
            position = open;
        }

        @Override
        public boolean lets() {
            return false;
        }
    }

    private class Open implements Position {
        @Override
        public void turn() {
            turns++;
            position = shut;
        }

        @Override
        public boolean lets() {
            return true;
        }
    }
}
