namespace Aldera.Lights;
public interface IPower { void On(int watts); void Off(); }
public class Mains : IPower { public void On(int watts) { System.Console.WriteLine(watts); } public void Off() { System.Console.WriteLine("off"); } }
public class Battery : IPower
{
    private int charge = 100;
    public void On(int watts) { charge -= watts; }
    public void Off() { if (Signal.Count > 3) charge = 0; }
}
public abstract class Signal
{
    public static int Count;
    protected readonly IPower power;
    protected Signal() { power = new Mains(); }
    public virtual void Show() { power.On(10); }
    public virtual void Hide() { power.Off(); }
}
public class Beacon : Signal { public override void Show() { power.On(400); power.Off(); power.On(400); } }
public class Lantern : Signal { public override void Show() { power.On(40); } }
public static class Night { public static void Main() { Signal s = new Beacon(); s.Show(); new Lantern().Show(); } }
