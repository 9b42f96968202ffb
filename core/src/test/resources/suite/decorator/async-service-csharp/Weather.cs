namespace Skytower;

public interface IForecast
{
    Task<double> ChanceAsync(string place, CancellationToken token = default);
}

public sealed class StationForecast : IForecast
{
    private readonly Dictionary<string, double> chances = new() { ["moor"] = 0.8 };

    public async Task<double> ChanceAsync(string place, CancellationToken token = default)
    {
        await Task.Delay(10, token);
        return chances.GetValueOrDefault(place);
    }
}

public sealed class RememberedForecast(IForecast inner) : IForecast
{
    private readonly ConcurrentDictionary<string, double> known = new();

    public async Task<double> ChanceAsync(string place, CancellationToken token = default)
    {
        if (known.TryGetValue(place, out var chance))
        {
            return chance;
        }
        return known[place] = await inner.ChanceAsync(place, token);
    }
}

public sealed class RoundedForecast(IForecast inner) : IForecast
{
    public async Task<double> ChanceAsync(string place, CancellationToken token = default)
        => Math.Round(await inner.ChanceAsync(place, token), 1);
}
