package weir;

import java.util.ArrayList;
import java.util.List;

public class Ledger implements LevelListener {
    private final List<Integer> levels = new ArrayList<>();

    @Override
    public void levelChanged(LevelEvent event) {
        levels.add(event.centimetres());
    }
}
