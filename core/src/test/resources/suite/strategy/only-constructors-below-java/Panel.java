package aldera.panel;

import java.util.List;

public class Panel {
    public void draw() {
        Window tide = new TideWindow(2.4);
        Window ships = new Window(new ShipContent(List.of("Marisol")), 40);
        System.out.println(tide.show(0) + ships.show(0));
    }
}
