package aldera;

public interface Horn {
    String sound();
}
