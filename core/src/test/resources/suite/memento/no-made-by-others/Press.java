package aldera.manifest;

import java.util.ArrayDeque;
import java.util.Deque;

public class Press {
    private final Deque<Sheet> printed = new ArrayDeque<>();

    public void print(Manifest manifest) {
        printed.push(manifest.sheet());
    }

    public void correct(Manifest manifest) {
        manifest.take(printed.pop());
    }

    public Sheet blank() {
        return new Sheet("blank", 40);
    }
}
