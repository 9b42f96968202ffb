package aldera;

public class Meter {
    private int sum;

    public void count(int watts) {
        sum += watts;
    }

    public int sum() {
        return sum;
    }
}
