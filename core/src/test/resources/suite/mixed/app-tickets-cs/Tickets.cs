using System;
using System.Collections.Concurrent;
using System.Collections.Generic;
using System.Linq;
using System.Threading;
using System.Threading.Tasks;

namespace Aldera.Tickets;

public record Ticket(Guid Id, string Route, decimal Price, DateTimeOffset SoldAt);

public class TicketOptions
{
    public decimal MaximumPrice { get; set; } = 90m;
    public TimeSpan Retention { get; set; } = TimeSpan.FromDays(30);
}

public interface ITicketStore
{
    Task AddAsync(Ticket ticket, CancellationToken token = default);
    Task<IReadOnlyList<Ticket>> ForRouteAsync(string route, CancellationToken token = default);
    Task<int> DropOlderAsync(DateTimeOffset limit, CancellationToken token = default);
}

public sealed class MemoryTicketStore : ITicketStore
{
    private readonly ConcurrentDictionary<Guid, Ticket> tickets = new();

    public Task AddAsync(Ticket ticket, CancellationToken token = default)
    {
        if (!tickets.TryAdd(ticket.Id, ticket)) throw new InvalidOperationException("sold already");
        return Task.CompletedTask;
    }

    public Task<IReadOnlyList<Ticket>> ForRouteAsync(string route, CancellationToken token = default)
    {
        IReadOnlyList<Ticket> found = tickets.Values.Where(ticket => ticket.Route == route).ToList();
        return Task.FromResult(found);
    }

    public Task<int> DropOlderAsync(DateTimeOffset limit, CancellationToken token = default)
    {
        var old = tickets.Values.Where(ticket => ticket.SoldAt < limit).Select(ticket => ticket.Id).ToList();
        foreach (var id in old) tickets.TryRemove(id, out _);
        return Task.FromResult(old.Count);
    }
}

public interface IClock
{
    DateTimeOffset Now { get; }
}

public sealed class SystemClock : IClock
{
    public DateTimeOffset Now => DateTimeOffset.UtcNow;
}

public class TicketDesk
{
    private readonly ITicketStore store;
    private readonly IClock clock;
    private readonly TicketOptions options;

    public TicketDesk(ITicketStore store, IClock clock, TicketOptions options)
    {
        this.store = store;
        this.clock = clock;
        this.options = options;
    }

    public async Task<Ticket> SellAsync(string route, decimal price)
    {
        if (price > options.MaximumPrice) throw new ArgumentOutOfRangeException(nameof(price));
        var ticket = new Ticket(Guid.NewGuid(), route, price, clock.Now);
        await store.AddAsync(ticket);
        return ticket;
    }

    public async Task<decimal> TakingsAsync(string route) =>
        (await store.ForRouteAsync(route)).Sum(ticket => ticket.Price);
}

public sealed class Cleaner : IDisposable
{
    private readonly ITicketStore store;
    private readonly IClock clock;
    private readonly TicketOptions options;
    private readonly Timer timer;

    public Cleaner(ITicketStore store, IClock clock, TicketOptions options)
    {
        this.store = store;
        this.clock = clock;
        this.options = options;
        timer = new Timer(async _ => await CleanAsync(), null, TimeSpan.Zero, TimeSpan.FromHours(1));
    }

    private Task<int> CleanAsync() => store.DropOlderAsync(clock.Now - options.Retention);

    public void Dispose() => timer.Dispose();
}
