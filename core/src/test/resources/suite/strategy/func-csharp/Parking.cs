using System;

namespace Garage;

public class ParkingMeter
{
    private Func<int, decimal> _price;

    public ParkingMeter(Func<int, decimal> price)
    {
        _price = price ?? throw new ArgumentNullException(nameof(price));
    }

    public void Use(Func<int, decimal> price) => _price = price;

    public decimal Leave(int minutes)
    {
        if (minutes < 10) return 0;
        return _price(minutes);
    }
}

public static class Prices
{
    public static decimal ByHour(int minutes) => Math.Ceiling(minutes / 60m) * 2;

    public static decimal ByDay(int minutes) => 18;
}

public class Attendant
{
    public decimal Day()
    {
        var meter = new ParkingMeter(Prices.ByHour);
        var hour = meter.Leave(50);
        meter.Use(Prices.ByDay);
        return hour + meter.Leave(900);
    }
}
