using System.Collections.Generic;

public interface IOrder
{
    void Do();
}

public class Winch
{
    public void Pull(int metres) => System.Console.WriteLine($"pull {metres}");
    public void Slack(int metres) => System.Console.WriteLine($"slack {metres}");
}

public class PullOrder : IOrder
{
    private readonly Winch winch;
    private readonly int metres;
    public PullOrder(Winch winch, int metres) => (this.winch, this.metres) = (winch, metres);
    public void Do() => winch.Pull(metres);
}

public class SlackOrder : IOrder
{
    private readonly Winch winch;
    private readonly int metres;
    public SlackOrder(Winch winch, int metres) => (this.winch, this.metres) = (winch, metres);
    public void Do() => winch.Slack(metres);
}

public class Bosun
{
    private readonly Queue<IOrder> orders = new();
    public void Take(IOrder order) => orders.Enqueue(order);
    public void Work()
    {
        while (orders.TryDequeue(out var order)) order.Do();
    }
}

public static class Program
{
    public static void Main()
    {
        var bosun = new Bosun();
        var winch = new Winch();
        bosun.Take(new PullOrder(winch, 5));
        bosun.Take(new SlackOrder(winch, 2));
        bosun.Work();
    }
}
