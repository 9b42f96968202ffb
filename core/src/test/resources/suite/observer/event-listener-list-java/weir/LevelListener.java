package weir;

import java.util.EventListener;

public interface LevelListener extends EventListener {
    void levelChanged(LevelEvent event);
}
