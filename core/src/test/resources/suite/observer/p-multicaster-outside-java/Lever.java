package rig;

import java.awt.AWTEventMulticaster;
import java.awt.event.ActionEvent;
import java.awt.event.ActionListener;

public class Lever {
    private ActionListener listener;

    public void addActionListener(ActionListener more) {
        listener = AWTEventMulticaster.add(listener, more);
    }

    public void removeActionListener(ActionListener old) {
        listener = AWTEventMulticaster.remove(listener, old);
    }

    public void pull() {
        if (listener != null) {
            listener.actionPerformed(new ActionEvent(this, ActionEvent.ACTION_PERFORMED, "pull"));
        }
    }
}
