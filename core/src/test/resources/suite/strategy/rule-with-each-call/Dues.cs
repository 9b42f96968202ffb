using System.Collections.Generic;

namespace Harbour;

public interface IRate { int Of(int metres); }
public class FerryRate : IRate { public int Of(int metres) => metres * 2; }
public class YachtRate : IRate { public int Of(int metres) => metres * 7 + 10; }

public class Ledger
{
    private readonly List<int> sums = new();

    public int Enter(int metres, IRate rate)
    {
        var sum = rate.Of(metres);
        sums.Add(sum);
        return sum;
    }
}

public static class Office
{
    public static void Main()
    {
        var ledger = new Ledger();
        ledger.Enter(90, new FerryRate());
        ledger.Enter(12, new YachtRate());
    }
}
