using System;
using System.Collections.Generic;
namespace Aldera;
public class Gauge
{
    private readonly List<Action> told = new();
    private int level;
    public void Join(Action one) => told.Add(one);
    public void Leave(Action one) => told.Remove(one);
    public void Rise(int by) { level += by; foreach (var one in told) one(); }
}
public class Board { public void Redraw() => Console.WriteLine("drawn"); }
public class Siren { public void Howl() => Console.Beep(); }
public static class Program { public static void Main() { var g = new Gauge(); g.Join(new Board().Redraw); g.Join(new Siren().Howl); g.Rise(3); } }
