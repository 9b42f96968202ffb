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
        watches.forEach(this::tell);
    }

    private void tell(BargeWatch watch) {
        watch.moored(last);
    }
}
