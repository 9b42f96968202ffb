package rig;

import java.awt.event.ActionEvent;
import java.awt.event.ActionListener;

public class Crane implements ActionListener {
    private int lifts;

    public Crane(Lever lever) {
        lever.addActionListener(this);
    }

    @Override
    public void actionPerformed(ActionEvent event) {
        lifts++;
    }
}
