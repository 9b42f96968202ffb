package aldera;

public class Lines {
    public Line forWeather(Weather weather) {
        return switch (weather) {
            case CALM -> new Hemp(12);
            case BREEZE -> new Steel(18);
            case STORM -> new Double(new Steel(24));
        };
    }
}
