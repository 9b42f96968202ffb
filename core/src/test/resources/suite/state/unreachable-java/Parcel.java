package post;

public class Parcel {
    private Stage stage = new Posted();
    private int scans;

    public void scan() {
        scans++;
        stage = stage.scan();
    }

    public void fail() {
        stage = stage.fail();
    }

    public boolean open() {
        return stage.open();
    }
}
