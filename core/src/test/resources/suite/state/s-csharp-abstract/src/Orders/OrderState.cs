namespace Orders;

public abstract class OrderState
{
    public virtual OrderState Pay(Order order) => throw new InvalidOperationException($"cannot pay when {this}");
    public virtual OrderState Ship(Order order) => throw new InvalidOperationException($"cannot ship when {this}");
    public virtual OrderState Cancel(Order order) => new Cancelled();
    public override string ToString() => GetType().Name.ToLowerInvariant();
}

public sealed class Placed : OrderState
{
    public override OrderState Pay(Order order)
    {
        order.PaidAt = DateTime.UtcNow;
        return new Paid();
    }
}

public sealed class Paid : OrderState
{
    public override OrderState Ship(Order order) => new Shipped();
}

public sealed class Shipped : OrderState
{
    public override OrderState Cancel(Order order) => throw new InvalidOperationException("already on its way");
}

public sealed class Cancelled : OrderState
{
    public override OrderState Cancel(Order order) => this;
}
