using System.Collections.Generic;
using System.Linq;

namespace Aldera;

public interface IFare
{
    decimal Price();
}

public record Ticket(decimal Amount) : IFare
{
    public decimal Price() => Amount;
}

public class Journey : IFare
{
    private readonly List<IFare> _parts = new();
    public Journey With(IFare part)
    {
        _parts.Add(part);
        return this;
    }
    public decimal Price() => _parts.Sum(p => p.Price()) * 0.9m;
}
