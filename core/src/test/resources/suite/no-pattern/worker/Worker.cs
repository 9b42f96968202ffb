using System;
using System.Collections.Generic;
using System.Linq;
using System.Threading;
using System.Threading.Tasks;

namespace Aldera.Polling;

public class PollOptions
{
    public int Seconds { get; set; } = 30;
    public bool Verbose { get; set; }
}

public class Arrival
{
    public int Id { get; init; }
    public string Ship { get; init; } = "";
    public DateTime? Seen { get; set; }
}

public interface IArrivalStore
{
    Task<IReadOnlyList<Arrival>> UnseenAsync(CancellationToken token);
    Task MarkAsync(int id, DateTime at, CancellationToken token);
}

public class MemoryArrivalStore : IArrivalStore
{
    private readonly List<Arrival> _all = new();

    public Task<IReadOnlyList<Arrival>> UnseenAsync(CancellationToken token) =>
        Task.FromResult<IReadOnlyList<Arrival>>(_all.Where(a => a.Seen is null).ToList());

    public Task MarkAsync(int id, DateTime at, CancellationToken token)
    {
        var found = _all.FirstOrDefault(a => a.Id == id);
        if (found != null) found.Seen = at;
        return Task.CompletedTask;
    }
}

public class Poller
{
    private readonly IArrivalStore _store;
    private readonly PollOptions _options;
    private int _rounds;

    public Poller(IArrivalStore store, PollOptions options)
    {
        _store = store ?? throw new ArgumentNullException(nameof(store));
        _options = options;
    }

    public async Task RunAsync(CancellationToken token)
    {
        while (!token.IsCancellationRequested)
        {
            foreach (var arrival in await _store.UnseenAsync(token))
            {
                if (_options.Verbose) Console.WriteLine(arrival.Ship);
                await _store.MarkAsync(arrival.Id, DateTime.UtcNow, token);
            }
            _rounds++;
            await Task.Delay(TimeSpan.FromSeconds(_options.Seconds), token);
        }
    }
}
