package canal;

import java.util.ArrayList;
import java.util.List;

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
        for (BargeWatch watch : watches) {
            tell(watch, barge);
        }
    }

    private void tell(BargeWatch watch, String barge) {
        try {
            watch.moored(barge);
        } catch (RuntimeException e) {
            System.err.println("a watch failed: " + e);
        }
    }
}
