package aldera.signals;

public interface Signal {
    String give();
}
