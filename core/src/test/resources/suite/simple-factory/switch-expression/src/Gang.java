package aldera;

public class Gang {
    private final Lines lines = new Lines();

    public int moor(Weather weather) {
        return lines.forWeather(weather).holds();
    }
}
