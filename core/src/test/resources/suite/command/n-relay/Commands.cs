namespace Remote;

public interface IOrder
{
    bool Possible { get; }
    void Carry();
}

public class Order : IOrder
{
    private readonly Action carry;
    private readonly Func<bool>? possible;

    public Order(Action carry, Func<bool>? possible = null)
    {
        this.carry = carry;
        this.possible = possible;
    }

    public bool Possible => possible?.Invoke() ?? true;

    public void Carry() => carry();
}

public class PauseOrder : IOrder
{
    private readonly Player player;

    public PauseOrder(Player player) => this.player = player;

    public bool Possible => player.Playing;

    public void Carry() => player.Pause();
}

public class Player
{
    public bool Playing { get; private set; }

    public void Play() => Playing = true;
    public void Pause() => Playing = false;
}

public class Keypad
{
    private readonly Dictionary<char, IOrder> orders = new();

    public void Bind(char key, IOrder order) => orders[key] = order;

    public void Press(char key)
    {
        if (orders.TryGetValue(key, out var order) && order.Possible) order.Carry();
    }
}
