using System.Collections.Generic;
namespace Greenhouse;

public class Schedule
{
    private readonly Queue<IJob> _waiting = new();
    private int _minutes = 10;

    public void Longer() => _minutes += 5;
    public void Add(IJob job) => _waiting.Enqueue(job);

    public void Night()
    {
        while (_waiting.Count > 0)
        {
            var job = _waiting.Dequeue();
            job.Run(_minutes);
        }
    }
}

public static class Program
{
    public static void Main()
    {
        var schedule = new Schedule();
        schedule.Add(new Water(new Valve()));
        schedule.Add(new Ventilate(new Roof()));
        schedule.Longer();
        schedule.Night();
    }
}
