namespace Shop;

public interface IOrderState
{
    IOrderState Pay();
    IOrderState Ship();
    string Name { get; }
}

public sealed class NewOrder : IOrderState
{
    public string Name => "new";
    public IOrderState Pay() => new PaidOrder();
    public IOrderState Ship() => this;
}

public sealed class PaidOrder : IOrderState
{
    public string Name => "paid";
    public IOrderState Pay() => this;
    public IOrderState Ship() => new ShippedOrder();
}

public sealed class ShippedOrder : IOrderState
{
    public string Name => "shipped";
    public IOrderState Pay() => this;
    public IOrderState Ship() => this;
}

public sealed class Order
{
    private IOrderState _state = new NewOrder();
    private int _cents;

    public void Pay() => _state = _state.Pay();

    public void Ship() => _state = _state.Ship();

    public int Refund()
    {
        if (_state is ShippedOrder) return 0;
        return _cents;
    }

    public void Add(int cents) => _cents += cents;
}
