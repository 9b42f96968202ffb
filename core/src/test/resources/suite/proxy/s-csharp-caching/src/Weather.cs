namespace Weather;

public interface IForecast
{
    Task<double> TemperatureAsync(string city, CancellationToken token);
    Task WarmUpAsync();
}

internal sealed class HttpForecast : IForecast
{
    private readonly HttpClient _http = new();

    public async Task<double> TemperatureAsync(string city, CancellationToken token)
    {
        var text = await _http.GetStringAsync($"https://weather.example/{city}", token);
        return double.Parse(text);
    }

    public Task WarmUpAsync() => _http.GetAsync("https://weather.example/");
}

public sealed class ForecastProxy : IForecast
{
    private readonly Lazy<HttpForecast> _real = new(() => new HttpForecast());
    private readonly Dictionary<string, double> _known = new();

    public async Task<double> TemperatureAsync(string city, CancellationToken token)
    {
        if (_known.TryGetValue(city, out var degrees)) return degrees;
        degrees = await _real.Value.TemperatureAsync(city, token);
        _known[city] = degrees;
        return degrees;
    }

    public Task WarmUpAsync() => _real.Value.WarmUpAsync();
}
