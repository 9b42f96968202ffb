package aldera.anchor;

import java.beans.PropertyChangeEvent;
import java.beans.PropertyChangeListener;

public class ChainLog implements PropertyChangeListener {
    private final StringBuilder text = new StringBuilder();

    @Override
    public void propertyChange(PropertyChangeEvent event) {
        text.append(event.getNewValue()).append('\n');
    }

    public static void main(String[] args) {
        Anchor anchor = new Anchor();
        anchor.addPropertyChangeListener(new ChainLog());
        anchor.veer(20);
    }
}
