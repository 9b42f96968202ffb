package weaving;

public interface Cloth {
    int length();

    String name();
}
