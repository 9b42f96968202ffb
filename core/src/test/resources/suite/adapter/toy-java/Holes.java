class RoundHole {
    private final double radius;

    RoundHole(double radius) {
        this.radius = radius;
    }

    boolean fits(RoundPeg peg) {
        return radius >= peg.radius();
    }
}

class RoundPeg {
    private double radius;

    RoundPeg() {}

    RoundPeg(double radius) {
        this.radius = radius;
    }

    double radius() {
        return radius;
    }
}

class SquarePeg {
    private final double width;

    SquarePeg(double width) {
        this.width = width;
    }

    double width() {
        return width;
    }
}

class SquarePegAdapter extends RoundPeg {
    private final SquarePeg peg;

    SquarePegAdapter(SquarePeg peg) {
        this.peg = peg;
    }

    @Override
    double radius() {
        return Math.sqrt(Math.pow(peg.width() / 2, 2) * 2);
    }
}

class Demo {
    public static void main(String[] args) {
        RoundHole hole = new RoundHole(5);
        System.out.println(hole.fits(new RoundPeg(5)));
        System.out.println(hole.fits(new SquarePegAdapter(new SquarePeg(2))));
    }
}
