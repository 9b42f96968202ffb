package aldera.radio;

/** The page that crews see. */
public class PortPage {
    private final ForecastLine forecast;

    public PortPage(ForecastLine forecast) {
        this.forecast = forecast;
    }

    public String text() {
        return "Aldera today: " + forecast.today("aldera") + ", for " + forecast.hoursValid() + " hours";
    }
}
