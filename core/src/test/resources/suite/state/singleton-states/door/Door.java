package door;

public class Door {
    private DoorState state = Closed.INSTANCE;

    public void push() {
        state.push(this);
    }

    public void lock() {
        state.lock(this);
    }

    void setState(DoorState state) {
        this.state = state;
    }

    public String status() {
        return state.name();
    }
}

interface DoorState {
    void push(Door door);

    void lock(Door door);

    String name();
}

final class Closed implements DoorState {
    static final Closed INSTANCE = new Closed();

    private Closed() {
    }

    public void push(Door door) {
        door.setState(Opened.INSTANCE);
    }

    public void lock(Door door) {
        door.setState(Locked.INSTANCE);
    }

    public String name() {
        return "closed";
    }
}

final class Opened implements DoorState {
    static final Opened INSTANCE = new Opened();

    private Opened() {
    }

    public void push(Door door) {
        door.setState(Closed.INSTANCE);
    }

    public void lock(Door door) {
        throw new IllegalStateException("close it first");
    }

    public String name() {
        return "open";
    }
}

final class Locked implements DoorState {
    static final Locked INSTANCE = new Locked();

    private Locked() {
    }

    public void push(Door door) {
        throw new IllegalStateException("locked");
    }

    public void lock(Door door) {
        door.setState(Closed.INSTANCE);
    }

    public String name() {
        return "locked";
    }
}

class Main {
    public static void main(String[] args) {
        Door door = new Door();
        door.push();
        door.lock();
        System.out.println(door.status());
    }
}
