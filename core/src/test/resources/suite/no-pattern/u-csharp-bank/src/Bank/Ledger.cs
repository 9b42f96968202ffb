namespace Bank;

public sealed class Ledger(IClock clock)
{
    private readonly Dictionary<Guid, List<IEvent>> _streams = new();

    public event Action<Guid, IEvent>? Appended;

    public void Append(Guid id, Account account)
    {
        if (!_streams.TryGetValue(id, out var stream)) _streams[id] = stream = [];
        foreach (var one in account.Pending)
        {
            stream.Add(one);
            Appended?.Invoke(id, one);
        }
        LastWrite = clock.Now;
    }

    public DateTimeOffset? LastWrite { get; private set; }

    public Account Load(Guid id) => Account.Replay(_streams[id]);
}

public interface IClock { DateTimeOffset Now { get; } }
public sealed class SystemClock : IClock { public DateTimeOffset Now => DateTimeOffset.UtcNow; }
