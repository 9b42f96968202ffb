using System;
using System.Collections.Generic;
using System.Linq;

namespace Inventory;

public class Stock
{
    private readonly Dictionary<string, StockLevel> _levels = new(StringComparer.OrdinalIgnoreCase);
    private readonly object _gate = new();

    public StockLevel this[string code] => _levels[code];

    public void Register(Item item, decimal minimum) => _levels.Add(item.Code, new StockLevel(item, minimum));

    public bool TryTake(string code, decimal quantity)
    {
        lock (_gate)
        {
            if (!_levels.TryGetValue(code, out var level) || level.Quantity < quantity) return false;
            level.Change(-quantity);
            return true;
        }
    }

    public void Put(string code, decimal quantity)
    {
        lock (_gate) _levels[code].Change(quantity);
    }

    public IReadOnlyList<Item> Low() => _levels.Values.Where(level => level.IsLow).Select(level => level.Item).ToList();
}
