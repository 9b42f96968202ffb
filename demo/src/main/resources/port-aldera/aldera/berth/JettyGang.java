package aldera.berth;

/** Works on the jetty. */
public class JettyGang extends MooringGang {
    private final SteelLine spare = new SteelLine();

    @Override
    protected MooringLine newLine() {
        return load() > 1000 ? spare : new SteelLine();
    }
}
