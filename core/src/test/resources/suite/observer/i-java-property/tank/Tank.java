package tank;

import java.beans.PropertyChangeListener;
import java.beans.PropertyChangeSupport;

public class Tank {
    private final PropertyChangeSupport changes = new PropertyChangeSupport(this);
    private int litres;

    public void addPropertyChangeListener(PropertyChangeListener listener) {
        changes.addPropertyChangeListener(listener);
    }

    public void removePropertyChangeListener(PropertyChangeListener listener) {
        changes.removePropertyChangeListener(listener);
    }

    public void fill(int by) {
        int before = litres;
        litres += by;
        changes.firePropertyChange("litres", before, litres);
    }

    public void leak(int by) {
        litres -= by;
    }
}
