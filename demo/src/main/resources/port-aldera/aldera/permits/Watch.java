package aldera.permits;

/** Walks the quays and looks whether what is going on was asked for. */
public class Watch {
    private String round = "";

    public void note(String line) {
        round += line + "\n";
    }

    public void goHome() {
        round = "";
    }
}
