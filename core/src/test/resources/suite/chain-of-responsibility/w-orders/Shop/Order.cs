using System;
using System.Collections.Generic;

namespace Shop;

public record Line(string Article, int Pieces, decimal Price);

public class Order
{
    public Guid Id { get; } = Guid.NewGuid();
    public List<Line> Lines { get; } = new();
    public string? Rejected { get; set; }
    public decimal Total { get; set; }
}
