package log;

public interface Alarms {
    boolean another();

    String alarm();
}
