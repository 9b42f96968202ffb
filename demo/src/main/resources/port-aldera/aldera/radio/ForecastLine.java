package aldera.radio;

/** What the port's pages expect of a forecast. */
public interface ForecastLine {
    String today(String place);

    String tomorrow(String place);

    int hoursValid();
}
