using System.Collections.Generic;
namespace Aldera;
public class Wagon
{
    private int tons;
    public void Fill(int t) { tons += t; }
    public void Empty() { tons = 0; }
}
public interface IJob
{
    void Run();
}
public class Load : IJob
{
    private readonly Wagon wagon;
    private readonly int tons;
    public Load(Wagon wagon, int tons) { this.wagon = wagon; this.tons = tons; }
    public void Run() => wagon.Fill(tons);
}
public class Unload : IJob
{
    private readonly Wagon wagon;
    public Unload(Wagon wagon) { this.wagon = wagon; }
    public void Run() => wagon.Empty();
}
public class Foreman
{
    private readonly Queue<IJob> jobs = new();
    public void Take(IJob job) => jobs.Enqueue(job);
    public void Shift()
    {
        while (jobs.Count > 0)
        {
            jobs.Dequeue().Run();
        }
    }
}
public class Yard
{
    public void Day(Foreman foreman, Wagon wagon)
    {
        foreman.Take(new Load(wagon, 4));
        foreman.Take(new Unload(wagon));
        foreman.Shift();
    }
}
