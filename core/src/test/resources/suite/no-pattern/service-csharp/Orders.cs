using System.Collections.Generic;
using System.Linq;

namespace Shop;

public record OrderLine(string Sku, int Count);

public interface IOrderRepository
{
    void Save(IReadOnlyList<OrderLine> lines);
    int Count();
}

public sealed class MemoryOrders : IOrderRepository
{
    private readonly List<OrderLine> _lines = new();
    public void Save(IReadOnlyList<OrderLine> lines) => _lines.AddRange(lines);
    public int Count() => _lines.Sum(line => line.Count);
}

public sealed class PriceList
{
    private readonly Dictionary<string, decimal> _prices = new();
    public void Set(string sku, decimal price) => _prices[sku] = price;
    public decimal Of(string sku) => _prices.GetValueOrDefault(sku);
}

public sealed class OrderService
{
    private readonly IOrderRepository _orders;
    private readonly PriceList _prices;

    public OrderService(IOrderRepository orders, PriceList prices)
    {
        _orders = orders;
        _prices = prices;
    }

    public decimal Place(IReadOnlyList<OrderLine> lines)
    {
        _orders.Save(lines);
        return lines.Sum(line => line.Count * _prices.Of(line.Sku));
    }
}

public sealed class OrderController
{
    private readonly OrderService _service;
    private readonly PriceList _prices;

    public OrderController(OrderService service, PriceList prices)
    {
        _service = service;
        _prices = prices;
    }

    public string Post(string sku, int count)
    {
        var total = _service.Place(new[] { new OrderLine(sku, count) });
        return $"{total} at {_prices.Of(sku)}";
    }
}
