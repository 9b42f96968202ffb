package canal;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

public class Quay {
    private final List<BargeWatch> watches = new ArrayList<>();
    private String last;

    public void join(BargeWatch watch) {
        watches.add(watch);
    }

    public void leave(BargeWatch watch) {
        watches.remove(watch);
    }

    public void moor(String barge) {
        last = barge;
        each(watch -> watch.moored(barge));
    }

    public void castOff() {
        String gone = last;
        last = null;
        each(watch -> watch.left(gone));
    }

    private void each(Consumer<BargeWatch> telling) {
        for (BargeWatch watch : List.copyOf(watches)) {
            telling.accept(watch);
        }
    }
}
