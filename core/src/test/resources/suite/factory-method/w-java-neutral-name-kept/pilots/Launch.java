package pilots;

public interface Launch {
    String reach(String ship);
}
