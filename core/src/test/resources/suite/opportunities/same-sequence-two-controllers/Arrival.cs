namespace Aldera;

public class Radio
{
    public void Call(string ship) => System.Console.WriteLine("call " + ship);
}

public class PilotDesk
{
    public int Assign(string ship) => ship.Length;
}

public class BerthList
{
    public void Reserve(string ship, int pilot) => System.Console.WriteLine(ship + pilot);
}

public class DayWatch
{
    private readonly Radio radio = new();
    private readonly PilotDesk pilots = new();
    private readonly BerthList berths = new();

    public void Receive(string ship)
    {
        radio.Call(ship);
        var pilot = pilots.Assign(ship);
        berths.Reserve(ship, pilot);
    }
}

public class NightWatch
{
    private readonly Radio radio;
    private readonly PilotDesk pilots;
    private readonly BerthList berths;

    public NightWatch(Radio radio, PilotDesk pilots, BerthList berths)
    {
        this.radio = radio;
        this.pilots = pilots;
        this.berths = berths;
    }

    public void LetIn(string name)
    {
        radio.Call(name);
        berths.Reserve(name, pilots.Assign(name));
    }
}

public static class Program
{
    public static void Main()
    {
        new DayWatch().Receive("Ana");
        new NightWatch(new Radio(), new PilotDesk(), new BerthList()).LetIn("Luz");
    }
}
