using System.Collections.Concurrent;
using System.Threading.Tasks;
public interface IJob { void Run(); }
public class Crane { int n; public void Lift() => n++; public void Rest() => n = 0; }
public class Lift : IJob { readonly Crane c; public Lift(Crane c) { this.c = c; } public void Run() => c.Lift(); }
public class Rest : IJob { readonly Crane c; public Rest(Crane c) { this.c = c; } public void Run() => c.Rest(); }
public class Yard
{
    private readonly BlockingCollection<IJob> jobs = new();
    public void Post(IJob j) => jobs.Add(j);
    public void Work() { foreach (var j in jobs.GetConsumingEnumerable()) j.Run(); }
}
public static class App { public static void Main() { var y = new Yard(); var c = new Crane(); y.Post(new Lift(c)); y.Post(new Rest(c)); y.Work(); } }
