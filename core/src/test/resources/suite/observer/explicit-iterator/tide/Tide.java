package tide;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;

public class Tide {
    private final List<TideListener> listeners = new ArrayList<>();
    private int level;

    public void add(TideListener listener) {
        listeners.add(listener);
    }

    public void remove(TideListener listener) {
        Iterator<TideListener> steps = listeners.iterator();
        while (steps.hasNext()) {
            if (steps.next() == listener) {
                steps.remove();
            }
        }
    }

    public void rise(int by) {
        level += by;
        Iterator<TideListener> steps = listeners.iterator();
        while (steps.hasNext()) {
            steps.next().rose(level);
        }
    }
}

interface TideListener {
    void rose(int level);
}

class Siren implements TideListener {
    private boolean on;

    public void rose(int level) {
        on = level > 300;
    }
}

class Book implements TideListener {
    private int last;

    public void rose(int level) {
        last = level;
    }
}

class Main {
    public static void main(String[] args) {
        Tide tide = new Tide();
        tide.add(new Siren());
        tide.add(new Book());
        tide.rise(3);
    }
}
