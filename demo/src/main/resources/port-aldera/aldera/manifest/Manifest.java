package aldera.manifest;

import java.util.ArrayList;
import java.util.List;

/** All that a ship carries. */
public class Manifest {
    private final List<CargoItem> items = new ArrayList<>();

    public void add(CargoItem item) {
        items.add(item);
    }

    public long duty() {
        CustomsSurvey customs = new CustomsSurvey();
        items.forEach(item -> item.inspect(customs));
        return customs.cents();
    }

    public double stowage() {
        StowageSurvey stowage = new StowageSurvey();
        for (CargoItem item : items) {
            item.inspect(stowage);
        }
        return stowage.load();
    }
}
