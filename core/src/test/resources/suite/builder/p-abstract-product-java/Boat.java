package yard;

public abstract class Boat {
    protected final int metres;

    protected Boat(int metres) {
        this.metres = metres;
    }

    public abstract int crew();

    public static class Builder {
        private int metres = 5;
        private boolean sails;
        private int masts;

        public Builder metres(int metres) {
            this.metres = metres;
            return this;
        }

        public Builder masts(int masts) {
            this.sails = true;
            this.masts = masts;
            return this;
        }

        public Boat build() {
            if (metres <= 0) {
                throw new IllegalStateException("too short");
            }
            return sails ? new Sailer(metres, masts) : new Rower(metres);
        }
    }
}

class Sailer extends Boat {
    private final int masts;

    Sailer(int metres, int masts) {
        super(metres);
        this.masts = masts;
    }

    @Override
    public int crew() {
        return masts * 3;
    }
}

class Rower extends Boat {
    Rower(int metres) {
        super(metres);
    }

    @Override
    public int crew() {
        return metres;
    }
}
