using System.Collections.Generic;

namespace Rail;

public interface IStop { string Name { get; } }
public sealed record Station(string Name) : IStop;
public abstract class Train
{
    protected readonly List<IStop> Stops = new();
    public abstract int Seats();
}
public sealed class Express : Train
{
    private readonly Engine _engine = new();
    public Driver? Driver { get; set; }
    public override int Seats() => 400;
    public Ticket Sell(Station to) => new Ticket(to);
}
public sealed class Engine { }
public sealed class Driver { }
public sealed class Ticket
{
    public Ticket(Station to) => To = to;
    public Station To { get; }
}
public static class Fares
{
    public static decimal Price(this Ticket ticket) => ticket.To.Name.Length;
}
