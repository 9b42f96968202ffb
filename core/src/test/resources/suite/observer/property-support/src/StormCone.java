package aldera;

import java.beans.PropertyChangeEvent;
import java.beans.PropertyChangeListener;

public class StormCone implements PropertyChangeListener {
    private boolean hoisted;

    @Override
    public void propertyChange(PropertyChangeEvent event) {
        hoisted = (int) event.getNewValue() < 990;
    }
}
