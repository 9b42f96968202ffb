namespace Orders;

public sealed class Order
{
    private OrderState _state = new Placed();

    public DateTime? PaidAt { get; internal set; }

    public string Status => _state.ToString();

    public void Pay() => _state = _state.Pay(this);

    public void Ship() => _state = _state.Ship(this);

    public void Cancel() => _state = _state.Cancel(this);
}
