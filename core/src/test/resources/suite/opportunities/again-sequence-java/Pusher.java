package aldera.tow;

public class Pusher {
    public void help(Winch winch, Line line, Horn horn) {
        horn.blow();
        winch.unlock();
        line.pay();
    }
}
