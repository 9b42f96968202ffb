package post;

public class Parcel {
    private Stage stage = Stage.ACCEPTED;
    private final String label;

    public Parcel(String label) {
        this.label = label;
    }

    public void scan() {
        stage = stage.next(this);
    }

    public boolean canBeRedirected() {
        return stage.redirectable();
    }

    String label() {
        return label;
    }
}
