package aldera;

public interface Walk {
    boolean more();

    String next();
}
