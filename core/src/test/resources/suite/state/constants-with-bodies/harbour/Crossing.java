package harbour;

public class Crossing {
    private final Lamp lamp = new Lamp();

    public void second() {
        lamp.tick();
    }
}
