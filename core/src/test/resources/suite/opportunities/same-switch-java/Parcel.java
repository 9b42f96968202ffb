enum Stage { NEW, SENT, LOST }
class Parcel {
    private Stage stage = Stage.NEW; private int days;
    String label() { switch (stage) { case NEW: return "new"; case SENT: return "sent"; default: return "lost"; } }
    int fee() { if (stage == Stage.NEW) { return 0; } else if (stage == Stage.SENT) { return days; } return 9; }
    void ship() { stage = Stage.SENT; }
    void lose() { stage = Stage.LOST; }
}
class Box { private int size; int price() { if (size > 3) return 9; return 1; } }
