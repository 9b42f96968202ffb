package aldera.berth;

/** Out on the jetty, for tankers. */
public class TankerJetty extends Berth {
    public TankerJetty(int number) {
        super(number);
    }

    @Override
    public boolean takes(Ship ship) {
        return ship.tonnage() > 5000;
    }
}
