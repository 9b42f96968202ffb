interface Door { void setPosition(Position position); }
interface Position { void press(Door door); }
class Open implements Position { public void press(Door door) { door.setPosition(new Closed()); } }
class Closed implements Position { public void press(Door door) { door.setPosition(new Open()); } }
class LockGate implements Door {
    private Position position = new Closed();
    public void setPosition(Position position) { this.position = position; }
    void press() { position.press(this); }
}
