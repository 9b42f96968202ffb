namespace Skytower;

public static class Startup
{
    public static IForecast Forecast() => new RoundedForecast(new RememberedForecast(new StationForecast()));
}
