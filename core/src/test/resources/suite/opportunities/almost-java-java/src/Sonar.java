package aldera;

public class Sonar {
    private double ping = 0.1;

    public double depth() {
        return ping * 750;
    }

    public boolean ready() {
        return ping > 0;
    }
}
