using System;
using System.Collections.Generic;
namespace Aldera;
public class Crane { public void Lift() { } public void Drop() { } }
public class Shift
{
    private readonly Queue<Action> waiting = new();
    public void Add(Action work) => waiting.Enqueue(work);
    public void Work() { while (waiting.Count > 0) waiting.Dequeue()(); }
}
public static class Program { public static void Main() { var c = new Crane(); var s = new Shift(); s.Add(c.Lift); s.Add(() => c.Drop()); s.Work(); } }
