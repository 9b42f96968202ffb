package aldera.berth;

/** Sends the right gang. */
public class HarbourMaster {
    public double receive(Ship ship, Berth berth) {
        MooringGang gang = berth instanceof TankerJetty ? new JettyGang() : new QuayGang();
        gang.makeFast(ship);
        return gang.load();
    }
}
