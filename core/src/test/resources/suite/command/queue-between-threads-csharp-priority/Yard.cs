using System.Collections.Generic;
public interface IJob { void Run(); }
public class Crane { int n; public void Lift() => n++; public void Rest() => n = 0; }
public class Lift : IJob { readonly Crane c; public Lift(Crane c) { this.c = c; } public void Run() => c.Lift(); }
public class Rest : IJob { readonly Crane c; public Rest(Crane c) { this.c = c; } public void Run() => c.Rest(); }
public class Yard
{
    private readonly PriorityQueue<IJob, int> jobs = new();
    public void Post(IJob j, int p) => jobs.Enqueue(j, p);
    public void Work() { while (jobs.TryDequeue(out var j, out _)) j.Run(); }
}
public static class App { public static void Main() { var y = new Yard(); var c = new Crane(); y.Post(new Lift(c), 1); y.Post(new Rest(c), 2); y.Work(); } }
