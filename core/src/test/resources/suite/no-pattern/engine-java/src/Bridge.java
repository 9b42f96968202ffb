package aldera;

public class Bridge {
    private final EngineRoom room;

    public Bridge(EngineRoom room) {
        this.room = room;
    }

    public String test() {
        room.start();
        room.stop();
        return room.engine().state();
    }
}
