namespace Fog;

public interface IHorn
{
    void Sound();
}

public class DeepHorn : IHorn
{
    private int sounded;
    public void Sound() => sounded++;
}

public class Whistle
{
    private int blown;
    public void Blow() => blown++;
}

public class WhistleHorn : IHorn
{
    private readonly Whistle whistle;
    public WhistleHorn(Whistle whistle) => this.whistle = whistle;
    public void Sound() => whistle.Blow();
}

public class CountedHorn : IHorn
{
    private static int all;
    private readonly IHorn horn;

    public CountedHorn(IHorn horn) => this.horn = horn;

    public static int All => all;

    public void Sound()
    {
        horn.Sound();
        all++;
    }
}

public class HornRow : IHorn
{
    private readonly List<IHorn> horns = new();

    public void Add(IHorn horn) => horns.Add(horn);

    public void Sound()
    {
        foreach (var horn in horns) horn.Sound();
    }
}

public abstract class HornFactory
{
    public abstract IHorn Deep();
    public abstract IHorn Thin();
}

public class PlainHorns : HornFactory
{
    public override IHorn Deep() => new DeepHorn();
    public override IHorn Thin() => new WhistleHorn(new Whistle());
}

public class CountedHorns : HornFactory
{
    public override IHorn Deep() => new CountedHorn(new DeepHorn());
    public override IHorn Thin() => new CountedHorn(new WhistleHorn(new Whistle()));
}

public class Lighthouse
{
    public int Night(HornFactory factory)
    {
        var row = new HornRow();
        row.Add(factory.Deep());
        row.Add(factory.Thin());
        row.Sound();
        return CountedHorn.All;
    }
}

public static class Program
{
    public static void Main() => new Lighthouse().Night(new CountedHorns());
}
