package aldera;

public class EngineRoom {
    private final Engine engine = new Engine();

    public void start() {
        engine.running = true;
    }

    public void stop() {
        engine.running = false;
    }

    public Engine engine() {
        return engine;
    }
}
