package aldera.tide;

import java.util.ArrayList;
import java.util.List;

/** The board at the harbour office shows all levels. */
public class TideBoard {
    private final List<LevelSource> sources = new ArrayList<>();

    public void show(LevelSource source) {
        sources.add(source);
    }

    public Metres highest() {
        Metres highest = new Metres(-10);
        for (LevelSource source : sources) {
            if (source.working() && source.level().above(highest)) {
                highest = source.level();
            }
        }
        return highest;
    }
}
