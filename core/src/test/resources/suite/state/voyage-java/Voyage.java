interface Leg { void sail(Voyage v); }
class InPort implements Leg { public void sail(Voyage v) { v.enter(new AtSea()); } }
class AtSea implements Leg { public void sail(Voyage v) { v.enter(new Arrived()); } }
class Arrived implements Leg { private int n; public void sail(Voyage v) { n++; } }
class Voyage {
    private Leg leg = new InPort();
    void enter(Leg l) { leg = l; }
    void go() { leg.sail(this); }
}
class Captain { void command(Voyage v) { v.go(); v.go(); } }
