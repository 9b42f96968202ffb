package weir;

import javax.swing.event.EventListenerList;

public class Weir {
    private final EventListenerList listeners = new EventListenerList();
    private int level;

    public void addLevelListener(LevelListener listener) {
        listeners.add(LevelListener.class, listener);
    }

    public void removeLevelListener(LevelListener listener) {
        listeners.remove(LevelListener.class, listener);
    }

    public void rise(int by) {
        level += by;
        fire(new LevelEvent(this, level));
    }

    private void fire(LevelEvent event) {
        for (LevelListener listener : listeners.getListeners(LevelListener.class)) {
            listener.levelChanged(event);
        }
    }
}
