package aldera;

public class Dock {
    private int water = 10;

    public void pump() {
        water--;
    }

    public void flood() {
        water++;
    }
}
