interface Door { void open(); void shut(); }
class Hatch { private boolean up; void lift() { up = true; } void drop() { up = false; } }
class HatchDoor implements Door {
    private final Hatch hatch;
    HatchDoor(Hatch h) { hatch = h; }
    public void open() { hatch.lift(); }
    public void shut() { hatch.drop(); }
}
class Guest { void enter(Door d) { d.open(); d.shut(); } }
