using System.Collections.Generic;
namespace Aldera;
public abstract class Action { public abstract void Run(); }
public class Crane { public void Lift() { } public void Drop() { } }
public class Lift : Action { readonly Crane crane; public Lift(Crane c) { crane = c; } public override void Run() => crane.Lift(); }
public class Drop : Action { readonly Crane crane; public Drop(Crane c) { crane = c; } public override void Run() => crane.Drop(); }
public class Shift
{
    private readonly Queue<Action> waiting = new();
    private Action last;
    public void Add(Action action) => waiting.Enqueue(action);
    public void Work() { while (waiting.Count > 0) { last = waiting.Dequeue(); last.Run(); } }
}
public static class Program { public static void Main() { var c = new Crane(); var s = new Shift(); s.Add(new Lift(c)); s.Add(new Drop(c)); s.Work(); } }
