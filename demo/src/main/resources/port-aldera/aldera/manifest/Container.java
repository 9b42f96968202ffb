package aldera.manifest;

import java.util.ArrayList;
import java.util.List;

/** A steel box with cargo in it. */
public class Container implements CargoItem {
    private final List<CargoItem> contents = new ArrayList<>();

    public void stow(CargoItem item) {
        contents.add(item);
    }

    @Override
    public void inspect(Survey survey) {
        survey.container(this);
        for (CargoItem item : contents) {
            item.inspect(survey);
        }
    }

    @Override
    public double tonnes() {
        double sum = 2.2;
        for (CargoItem item : contents) {
            sum += item.tonnes();
        }
        return sum;
    }
}
