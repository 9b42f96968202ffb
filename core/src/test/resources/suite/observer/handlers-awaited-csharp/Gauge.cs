using System;
using System.Threading.Tasks;
public class Tower
{
    public Tower(Gauge gauge) { gauge.Measured += OnLevel; }
    private async Task OnLevel(int cm) { await Task.Yield(); Console.WriteLine(cm); }
}
public class Gauge
{
    public event Func<int, Task> Measured;
    public async Task MeasureAsync(int cm)
    {
        if (Measured == null) return;
        foreach (Func<int, Task> handler in Measured.GetInvocationList()) await handler(cm);
    }
}
