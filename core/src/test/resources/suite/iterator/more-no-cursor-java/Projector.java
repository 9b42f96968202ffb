package film;

public class Projector {
    public int play(Reel reel) {
        int shown = 0;
        reel.rewind();
        while (reel.hasNext()) {
            shown += reel.next().length();
        }
        return shown;
    }
}
