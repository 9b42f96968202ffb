namespace Harbour;

public interface IHull { int Tons(); }
public interface IMast { int Metres(); }
public class SteelHull : IHull { public int Tons() => 90; }
public class WoodHull : IHull { public int Tons() => 40; }
public class SteelMast : IMast { public int Metres() => 14; }
public class WoodMast : IMast { public int Metres() => 18; }

public interface IYard
{
    IHull Hull();
    IMast Mast();
}

public class SteelYard : IYard
{
    public IHull Hull() => new SteelHull();
    public IMast Mast() => new SteelMast();
}

public class WoodYard : IYard
{
    public IHull Hull() => new WoodHull();
    public IMast Mast() => new SteelMast();
}

public class Slipway
{
    private readonly IYard yard;

    public Slipway(IYard yard) { this.yard = yard; }

    public int Build()
    {
        var hull = yard.Hull();
        var mast = yard.Mast();
        if (hull is SteelHull)
        {
            return hull.Tons() * 2;
        }
        return hull.Tons() + mast.Metres();
    }

    public static void Main()
    {
        System.Console.WriteLine(new Slipway(new SteelYard()).Build() + new Slipway(new WoodYard()).Build() + new WoodMast().Metres());
    }
}
