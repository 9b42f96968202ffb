package pilots;

public class OuterStation extends Station {
    private Launch moored;

    @Override
    protected Launch launch() {
        if (moored == null) {
            moored = new FastLaunch();
        }
        return moored;
    }
}
