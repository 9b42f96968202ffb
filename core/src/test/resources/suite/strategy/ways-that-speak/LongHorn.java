package aldera;

public class LongHorn implements Horn {
    @Override
    public String sound() {
        return "toooooot";
    }
}
