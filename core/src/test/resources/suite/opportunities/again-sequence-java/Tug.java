package aldera.tow;

public class Tug {
    private final Winch winch = new Winch();
    private final Line line = new Line();
    private final Horn horn = new Horn();

    public void tow() {
        horn.blow();
        winch.unlock();
        line.pay();
    }
}
