package film;

import java.util.ArrayList;
import java.util.List;

public class Reel {
    private final List<String> frames = new ArrayList<>();
    private int at;

    public void shoot(String frame) {
        frames.add(frame);
    }

    public boolean hasNext() {
        return at < frames.size();
    }

    public String next() {
        return frames.get(at++);
    }

    public void rewind() {
        at = 0;
    }
}
