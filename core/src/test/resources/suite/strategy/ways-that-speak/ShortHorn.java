package aldera;

public class ShortHorn implements Horn {
    @Override
    public String sound() {
        return "toot";
    }
}
