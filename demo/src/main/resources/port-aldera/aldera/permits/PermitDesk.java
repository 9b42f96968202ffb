package aldera.permits;

import java.util.ArrayList;
import java.util.List;

/** Takes requests, prints the forms that go with them, and calls the watch where somebody has to go and look. */
public class PermitDesk {
    private final List<String> printed = new ArrayList<>();
    private Watch watch;

    public void join(Watch watch) {
        this.watch = watch;
    }

    public void take(String work, VisitRequest request) {
        Form form;
        if (work.equals("tow")) {
            form = new TowingForm();
        } else if (work.equals("dive")) {
            form = new DivingForm();
        } else {
            form = new WeldingForm();
        }
        for (int copy = 0; copy < form.copies(); copy++) {
            printed.add(form.fill(request));
        }
        if (watch != null) {
            watch.note(request.ship());
        }
    }

    public void cancel(VisitRequest request) {
        printed.removeIf(line -> line.contains(request.ship()));
        if (watch != null) {
            watch.note(request.ship() + " cancelled");
        }
    }

    public int close() {
        if (watch == null) {
            return printed.size();
        }
        watch.goHome();
        return printed.size();
    }

    public VisitRequest walkIn(String ship) {
        return new VisitRequest(ship, "the master", "by hand", 0, false, true);
    }
}
