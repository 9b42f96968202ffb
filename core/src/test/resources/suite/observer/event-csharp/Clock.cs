using System;
namespace Aldera;
public class Clock
{
    private int minute;
    public event Action<int>? Ticked;
    public void Advance()
    {
        minute++;
        Ticked?.Invoke(minute);
    }
}
public class Bell
{
    private int rung;
    public void Watch(Clock clock) { clock.Ticked += Ring; }
    private void Ring(int minute) { rung += minute; }
}
