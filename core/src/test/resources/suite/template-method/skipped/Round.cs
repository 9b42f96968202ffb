namespace Aldera.Rounds;
public abstract class Round
{
    public virtual string Walk()
    {
        var text = Start();
        text += Inspect();
        return text + Finish();
    }
    public abstract string Inspect();
    protected virtual string Start() => "start;";
    protected string Finish() => "end";
}
public class FireRound : Round { public override string Inspect() => "hoses;"; }
public class NightRound : Round
{
    public override string Walk() => "short;" + Inspect();
    public override string Inspect() => "locks;";
}
public static class Shift { public static string All(Round[] rounds) { var s = ""; foreach (var r in rounds) s += r.Walk(); return s; } }
