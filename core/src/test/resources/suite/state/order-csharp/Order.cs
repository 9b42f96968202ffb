namespace Aldera;
public interface IStage
{
    IStage Advance();
    string Label();
}
public class Placed : IStage
{
    public IStage Advance() => new Packed();
    public string Label() => "placed";
}
public class Packed : IStage
{
    public IStage Advance() => new Sent();
    public string Label() => "packed";
}
public class Sent : IStage
{
    public IStage Advance() => this;
    public string Label() => "sent";
}
public class Order
{
    private IStage stage = new Placed();
    public void Advance() { stage = stage.Advance(); }
    public string Show() => stage.Label();
}
public class Shop
{
    public string Handle(Order order) { order.Advance(); return order.Show(); }
}
