namespace Shop.Checks;

public abstract class OrderCheck
{
    private OrderCheck? _next;

    public OrderCheck SetNext(OrderCheck next) => _next = next;

    public virtual bool Check(Order order) => _next?.Check(order) ?? true;
}
