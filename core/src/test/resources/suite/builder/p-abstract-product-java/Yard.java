package yard;

public class Yard {
    public int launch() {
        Boat boat = new Boat.Builder().metres(14).masts(2).build();
        return boat.crew();
    }
}
