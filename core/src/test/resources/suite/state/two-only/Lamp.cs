public interface ILampState
{
    void Switch(Lamp lamp);
}

public class Dark : ILampState
{
    public void Switch(Lamp lamp) => lamp.State = new Lit();
}

public class Lit : ILampState
{
    public void Switch(Lamp lamp)
    {
        lamp.Hours++;
    }
}

public class Lamp
{
    internal ILampState State { get; set; } = new Dark();
    public int Hours { get; internal set; }
    public void Press() => State.Switch(this);
}

public static class Program
{
    public static void Main()
    {
        var lamp = new Lamp();
        lamp.Press();
        lamp.Press();
        System.Console.WriteLine(lamp.Hours);
    }
}
