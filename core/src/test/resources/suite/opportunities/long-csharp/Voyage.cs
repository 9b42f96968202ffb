using System;

namespace Aldera;

public class Voyage
{
    private readonly string _ship, _from, _to;
    private readonly DateTime _leaves;
    private readonly double _tons;
    private readonly bool _pilot, _tugs;

    public Voyage(string ship, string from, string to, DateTime leaves, double tons, bool pilot, bool tugs)
    {
        _ship = ship; _from = from; _to = to; _leaves = leaves; _tons = tons; _pilot = pilot; _tugs = tugs;
    }

    public string Describe() => $"{_ship} {_from}-{_to} {_leaves} {_tons} {_pilot} {_tugs}";
}

public class WinterPlan
{
    public Voyage First() => new Voyage("Sirena", "Aldera", "Punta", DateTime.Today, 900, true, false);
}

public class SummerPlan
{
    public Voyage First() => new Voyage("Nube", "Punta", "Aldera", DateTime.Today, 400, false, false);
}
