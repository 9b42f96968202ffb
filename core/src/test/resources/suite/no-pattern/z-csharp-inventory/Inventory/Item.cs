using System;
using System.Collections.Generic;

namespace Inventory;

public enum Unit { Piece, Kilo, Litre }

public sealed record Item(string Code, string Name, Unit Unit)
{
    public override string ToString() => $"{Code} {Name}";
}

public class StockLevel
{
    public Item Item { get; }
    public decimal Quantity { get; private set; }
    public decimal Minimum { get; set; }

    public StockLevel(Item item, decimal minimum = 0)
    {
        Item = item ?? throw new ArgumentNullException(nameof(item));
        Minimum = minimum;
    }

    public bool IsLow => Quantity < Minimum;

    public void Change(decimal by)
    {
        if (Quantity + by < 0) throw new InvalidOperationException($"not enough {Item.Name}");
        Quantity += by;
    }
}
