using System.Collections.Generic;

public interface ITideListener
{
    void Tide(int level);
}

public class Siren : ITideListener
{
    private bool on;
    public void Tide(int level) => on = level > 300;
}

public class Book : ITideListener
{
    private readonly List<int> levels = new();
    public void Tide(int level) => levels.Add(level);
}

public class Gauge
{
    private readonly List<ITideListener> listeners = new();
    private int level;

    public void Join(ITideListener listener) => listeners.Add(listener);
    public void Leave(ITideListener listener) => listeners.Remove(listener);

    public void Rise(int to)
    {
        level = to;
        foreach (var listener in listeners)
        {
            listener.Tide(level);
            if (level > 300) break;
        }
    }
}

public static class Program
{
    public static void Main()
    {
        var gauge = new Gauge();
        gauge.Join(new Siren());
        gauge.Join(new Book());
        gauge.Rise(310);
    }
}
