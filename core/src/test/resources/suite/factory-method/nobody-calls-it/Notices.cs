namespace Harbour;

public abstract class Notice
{
    public abstract string Text();
}

public class GaleNotice : Notice
{
    public override string Text() => "gale";
}

public class FogNotice : Notice
{
    public override string Text() => "fog";
}

public abstract class Station
{
    protected readonly string name;
    protected Station(string name) { this.name = name; }
    protected abstract Notice MakeNotice();
    public string Name() => name;
}

public class CapeStation : Station
{
    public CapeStation() : base("cape") { }
    protected override Notice MakeNotice() => new GaleNotice();
}

public class RiverStation : Station
{
    public RiverStation() : base("river") { }
    protected override Notice MakeNotice() => new FogNotice();
}

public class Tower
{
    public string All() => new CapeStation().Name() + new RiverStation().Name();
}
