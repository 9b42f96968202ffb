using System.Collections.Generic;

namespace Travel;

public class SeatPlan
{
    private readonly HashSet<string> _taken = new();
    public bool Take(string seat) => _taken.Add(seat);
}

public class Till
{
    private decimal _sum;
    public void Charge(decimal amount) => _sum += amount;
}

public class Printer
{
    private readonly List<string> _sheets = new();
    public string Ticket(string seat)
    {
        _sheets.Add(seat);
        return $"ticket {seat}";
    }
}

public class BookingDesk
{
    private readonly SeatPlan _plan = new();
    private readonly Till _till = new();
    private readonly Printer _printer = new();

    public string? Book(string seat)
    {
        if (!_plan.Take(seat)) return null;
        _till.Charge(24);
        return _printer.Ticket(seat);
    }
}
