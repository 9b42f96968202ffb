package tank;

import java.beans.PropertyChangeEvent;
import java.beans.PropertyChangeListener;

public class Gauge implements PropertyChangeListener {
    private Object shown;

    @Override
    public void propertyChange(PropertyChangeEvent event) {
        shown = event.getNewValue();
    }

    public static void main(String[] args) {
        Tank tank = new Tank();
        tank.addPropertyChangeListener(new Gauge());
        tank.fill(10);
    }
}
