namespace Aldera.Checks;

public record Arrival(string Ship, bool Papers, bool Healthy);

public abstract class Check
{
    private Check? next;

    public Check Then(Check check)
    {
        next = check;
        return check;
    }

    public virtual string Run(Arrival arrival) => next?.Run(arrival) ?? "cleared";
}

public sealed class PapersCheck : Check
{
    public override string Run(Arrival arrival) => arrival.Papers ? base.Run(arrival) : "no papers";
}

public sealed class HealthCheck : Check
{
    public override string Run(Arrival arrival) => arrival.Healthy ? base.Run(arrival) : "quarantine";
}

public static class Desk
{
    public static string Clear(Arrival arrival)
    {
        var first = new PapersCheck();
        first.Then(new HealthCheck());
        return first.Run(arrival);
    }
}
