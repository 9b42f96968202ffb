namespace Gate;

public record Visit(string Badge, string Door, int Hour);

public abstract class Check
{
    private Check? next;

    public Check Then(Check following)
    {
        next = following;
        return following;
    }

    public virtual bool Admit(Visit visit) => next?.Admit(visit) ?? true;
}

public class BadgeCheck : Check
{
    private readonly HashSet<string> known;

    public BadgeCheck(IEnumerable<string> badges) => known = new HashSet<string>(badges);

    public override bool Admit(Visit visit) => known.Contains(visit.Badge) && base.Admit(visit);
}

public class HourCheck : Check
{
    public override bool Admit(Visit visit)
    {
        if (visit.Hour is < 6 or > 22) return false;
        return base.Admit(visit);
    }
}

public class DoorCheck : Check
{
    public override bool Admit(Visit visit)
    {
        if (visit.Door == "vault") return false;
        return base.Admit(visit);
    }
}

public class Porter
{
    private readonly Check first = new BadgeCheck(new[] { "a1" });

    public Porter() => first.Then(new HourCheck()).Then(new DoorCheck());

    public bool Open(Visit visit) => first.Admit(visit);
}
