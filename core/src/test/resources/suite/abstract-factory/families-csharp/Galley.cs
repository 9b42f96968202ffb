namespace Aldera;
public interface IStove { int Heat(); }
public interface IPot { int Litres(); }
public class CoalStove : IStove { public int Heat() => 90; }
public class GasStove : IStove { public int Heat() => 60; }
public class Cauldron : IPot { public int Litres() => 50; }
public class Pan : IPot { public int Litres() => 2; }
public interface IGalley
{
    IStove NewStove();
    IPot NewPot();
}
public class NavyGalley : IGalley
{
    public IStove NewStove() => new CoalStove();
    public IPot NewPot() => new Cauldron();
}
public class YachtGalley : IGalley
{
    public IStove NewStove() => new GasStove();
    public IPot NewPot() => new Pan();
}
public class Cook
{
    private readonly IGalley galley;
    public Cook(IGalley galley) { this.galley = galley; }
    public int Boil() => galley.NewStove().Heat() / galley.NewPot().Litres();
}
