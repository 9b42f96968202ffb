package aldera;

public class Engine {
    boolean running;

    public String state() {
        return running ? "runs" : "stands";
    }
}
