package aldera;

import java.beans.PropertyChangeListener;
import java.beans.PropertyChangeSupport;

public class Barometer {
    private final PropertyChangeSupport support = new PropertyChangeSupport(this);
    private int millibar = 1013;

    public void addPropertyChangeListener(PropertyChangeListener listener) {
        support.addPropertyChangeListener(listener);
    }

    public void removePropertyChangeListener(PropertyChangeListener listener) {
        support.removePropertyChangeListener(listener);
    }

    public void setMillibar(int next) {
        int old = millibar;
        millibar = next;
        support.firePropertyChange("millibar", old, next);
    }
}
