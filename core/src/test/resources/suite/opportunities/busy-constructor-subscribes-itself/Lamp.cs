using System;

namespace Aldera;

public class Dusk
{
    public event Action Fell;

    public void Fall() => Fell?.Invoke();
}

public class QuayLamp
{
    private bool lit;

    public QuayLamp(Dusk dusk)
    {
        dusk.Fell += OnFell;
        Console.WriteLine("lamp ready");
    }

    private void OnFell() => lit = true;

    public bool Lit => lit;
}

public static class Program
{
    public static void Main()
    {
        var dusk = new Dusk();
        var lamp = new QuayLamp(dusk);
        dusk.Fall();
        Console.WriteLine(lamp.Lit);
    }
}
