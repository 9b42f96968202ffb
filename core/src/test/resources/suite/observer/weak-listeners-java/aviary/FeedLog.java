package aviary;

public class FeedLog implements PerchWatcher {
    private int visits;

    @Override
    public void landed(String bird) {
        visits++;
    }
}
