abstract class Desk {
    protected Desk next;
    void then(Desk d) { next = d; }
    abstract void hear(int weight);
}
class Clerk extends Desk { private int heard; void hear(int w) { if (w < 3) { heard++; } else if (next != null) { next.hear(w); } } }
class Chief extends Desk { private int heard; void hear(int w) { if (w < 6) { heard++; } else if (next != null) { next.hear(w); } } }
class Mayor extends Desk { private int last; void hear(int w) { if (w < 9) { last = w; return; } if (next != null) next.hear(w); } }
class Citizen { void complain(Desk d) { d.hear(4); } }
