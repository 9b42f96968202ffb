using System.Threading.Channels;
using System.Threading.Tasks;
public class Crane { public Task UpAsync(int tons) => Task.Delay(tons); }
public interface IOrder { Task ExecuteAsync(); }
public class Lift : IOrder
{
    private readonly Crane crane;
    private readonly int tons;
    public Lift(Crane crane, int tons) { this.crane = crane; this.tons = tons; }
    public Task ExecuteAsync() => crane.UpAsync(tons);
}
public class Halt : IOrder
{
    private readonly Crane crane;
    public Halt(Crane crane) { this.crane = crane; }
    public async Task ExecuteAsync() => await crane.UpAsync(0);
}
public class Yard
{
    private readonly Channel<IOrder> orders = Channel.CreateUnbounded<IOrder>();
    public async Task Send(IOrder order) => await orders.Writer.WriteAsync(order);
    public async Task Run() { await foreach (var order in orders.Reader.ReadAllAsync()) await order.ExecuteAsync(); }
}
