using System;
namespace Aldera.Fuel;
public interface IFuel { double Price(double litres); }
public class Diesel : IFuel { public double Price(double litres) => litres * 1.4; }
public class Petrol : IFuel { public double Price(double litres) => litres * 1.6; }
public class Hydrogen : IFuel { public double Price(double litres) => litres * 4; }
public class FuelFactory
{
    private readonly IFuel diesel = new Diesel();
    public IFuel Create(string kind)
    {
        switch (kind)
        {
            case "diesel": return diesel;
            case "petrol": return new Petrol();
            case "hydrogen": return new Hydrogen();
            default: throw new ArgumentException(kind);
        }
    }
}
public class PumpDesk
{
    private readonly FuelFactory factory = new FuelFactory();
    public double Sell(string kind, double litres) => factory.Create(kind).Price(litres);
}
