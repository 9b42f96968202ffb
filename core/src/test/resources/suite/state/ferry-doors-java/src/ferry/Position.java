package ferry;

abstract class Position {

    static Position closed() {
        return new Closed();
    }

    void pressed(Door door) {
    }

    void obstructed(Door door) {
    }

    abstract String label();

    private static final class Closed extends Position {
        @Override
        void pressed(Door door) {
            door.moveTo(new Opening());
        }

        @Override
        String label() {
            return "closed";
        }
    }

    private static final class Opening extends Position {
        @Override
        void pressed(Door door) {
            door.moveTo(new Open());
        }

        @Override
        void obstructed(Door door) {
            door.moveTo(new Closed());
        }

        @Override
        String label() {
            return "opening";
        }
    }

    private static final class Open extends Position {
        @Override
        void pressed(Door door) {
            door.moveTo(new Closed());
        }

        @Override
        String label() {
            return "open";
        }
    }
}
