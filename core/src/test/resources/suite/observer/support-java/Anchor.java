package aldera.anchor;

import java.beans.PropertyChangeListener;
import java.beans.PropertyChangeSupport;

public class Anchor {
    private final PropertyChangeSupport support = new PropertyChangeSupport(this);
    private int chain;

    public void addPropertyChangeListener(PropertyChangeListener listener) {
        support.addPropertyChangeListener(listener);
    }

    public void removePropertyChangeListener(PropertyChangeListener listener) {
        support.removePropertyChangeListener(listener);
    }

    public void veer(int metres) {
        int old = chain;
        chain += metres;
        support.firePropertyChange("chain", old, chain);
    }
}
