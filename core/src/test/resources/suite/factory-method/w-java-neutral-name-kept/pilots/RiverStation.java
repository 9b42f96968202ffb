package pilots;

public class RiverStation extends Station {
    @Override
    protected Launch launch() {
        return new CalmLaunch();
    }
}
