interface Control { void ready(Tanker t); void free(Tug t); }
class Tanker {
    private final Control control; private boolean moving;
    Tanker(Control c) { control = c; }
    void arrive() { control.ready(this); }
    void go() { moving = true; }
}
class Tug {
    private final Control control; private int jobs;
    Tug(Control c) { control = c; }
    void done() { control.free(this); }
    void pull() { jobs++; }
}
class Tower implements Control {
    private Tanker tanker; private Tug tug;
    void know(Tanker t, Tug g) { tanker = t; tug = g; }
    public void ready(Tanker t) { tug.pull(); t.go(); }
    public void free(Tug t) { tanker.go(); }
}
