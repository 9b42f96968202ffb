package aviary;

public class Keeper {
    private final FeedLog log = new FeedLog();
    private final Camera camera = new Camera();

    public void setUp(Perch perch) {
        perch.watch(log);
        perch.watch(camera);
    }
}
