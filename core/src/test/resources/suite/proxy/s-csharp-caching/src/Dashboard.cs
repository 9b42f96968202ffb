namespace Weather;

public sealed class Dashboard(IForecast forecast)
{
    public async Task<string> LineAsync(string city) =>
        $"{city}: {await forecast.TemperatureAsync(city, CancellationToken.None):F1}";
}

public static class Startup
{
    public static Dashboard Build() => new(new ForecastProxy());
}
