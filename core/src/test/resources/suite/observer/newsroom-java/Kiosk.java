package press;

public class Kiosk implements Reader {
    private String poster = "";

    @Override
    public void published(String headline, int edition) {
        poster = edition + ": " + headline;
    }
}
