package aldera.cargo;

public class Gang {
    public void unload(Ship ship) {
        Hold hold = ship.openHold();
        hold.stow("lamps");
        if (hold.hasCrates()) {
            hold.clear();
        }
    }
}
