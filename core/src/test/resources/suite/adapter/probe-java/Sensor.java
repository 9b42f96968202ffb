package heating;

public interface Sensor {
    boolean ready();

    double celsius();
}
