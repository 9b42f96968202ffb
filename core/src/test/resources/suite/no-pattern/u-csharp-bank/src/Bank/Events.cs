namespace Bank;

public interface IEvent { DateTimeOffset At { get; } }
public sealed record Opened(string Owner, DateTimeOffset At) : IEvent;
public sealed record Deposited(decimal Amount, DateTimeOffset At) : IEvent;
public sealed record Withdrawn(decimal Amount, DateTimeOffset At) : IEvent;
