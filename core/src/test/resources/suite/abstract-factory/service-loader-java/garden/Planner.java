package garden;

import java.util.ServiceLoader;

public class Planner {
    public int furnish() {
        Style style = ServiceLoader.load(Style.class).findFirst().orElseThrow();
        style.fountain().play();
        return style.bench().seats();
    }
}
