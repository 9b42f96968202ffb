package race;

interface Stroke {
    int pull(int strength);
}

class LongStroke implements Stroke {
    @Override
    public int pull(int strength) {
        return strength * 3;
    }
}

class ShortStroke implements Stroke {
    @Override
    public int pull(int strength) {
        return strength + 4;
    }
}

interface Shout {
    String call();
}

class Loud implements Shout {
    private int calls;

    @Override
    public String call() {
        calls++;
        return "HO! ".repeat(calls);
    }
}

class Quiet implements Shout {
    private final StringBuilder said = new StringBuilder();

    @Override
    public String call() {
        return said.append("ho").toString();
    }
}

abstract class Crew {
    protected Stroke stroke;
    protected Shout shout;

    public int row(int strength) {
        return stroke.pull(strength);
    }

    public String start() {
        return shout.call() + " " + name();
    }

    public void setStroke(Stroke stroke) {
        this.stroke = stroke;
    }

    public void setShout(Shout shout) {
        this.shout = shout;
    }

    protected abstract String name();
}

class Gig extends Crew {
    Gig() {
        stroke = new LongStroke();
        shout = new Loud();
    }

    @Override
    protected String name() {
        return "gig";
    }
}

class Skiff extends Crew {
    Skiff() {
        stroke = new ShortStroke();
        shout = new Quiet();
    }

    @Override
    protected String name() {
        return "skiff";
    }
}

class Regatta {
    int finish() {
        Crew gig = new Gig();
        int metres = gig.row(4);
        gig.setStroke(new ShortStroke());
        return metres + gig.row(9) + new Skiff().start().length();
    }
}
