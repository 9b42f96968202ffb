package aldera;

public interface Gate {
    boolean tooSoon(long now);
}
