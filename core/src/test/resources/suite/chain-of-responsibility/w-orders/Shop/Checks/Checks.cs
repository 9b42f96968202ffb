using System.Linq;

namespace Shop.Checks;

public class NotEmpty : OrderCheck
{
    public override bool Check(Order order)
    {
        if (order.Lines.Count == 0)
        {
            order.Rejected = "empty";
            return false;
        }
        return base.Check(order);
    }
}

public class InStock : OrderCheck
{
    private readonly Warehouse _warehouse;

    public InStock(Warehouse warehouse) => _warehouse = warehouse;

    public override bool Check(Order order)
    {
        var missing = order.Lines.FirstOrDefault(line => _warehouse.Pieces(line.Article) < line.Pieces);
        if (missing is not null)
        {
            order.Rejected = $"no {missing.Article}";
            return false;
        }
        return base.Check(order);
    }
}

public class Priced : OrderCheck
{
    public override bool Check(Order order)
    {
        order.Total = order.Lines.Sum(line => line.Pieces * line.Price);
        return order.Total > 0 && base.Check(order);
    }
}
