using System.Collections.Generic;
using System.Linq;
namespace Aldera.Plans;
public abstract class Plan { public abstract Plan Copy(); public abstract int Steps(); }
public class DayPlan : Plan
{
    private readonly List<string> jobs; private readonly int hours;
    public DayPlan(int hours, IEnumerable<string> jobs) { this.hours = hours; this.jobs = jobs.ToList(); }
    public void Add(string job) => jobs.Add(job);
    public override Plan Copy() => new DayPlan(hours, new List<string>(jobs));
    public override int Steps() => jobs.Count;
}
public class WeekPlan : Plan
{
    private Dictionary<string, DayPlan> days = new();
    public void Put(string day, DayPlan plan) => days[day] = plan;
    public override Plan Copy() => (WeekPlan)MemberwiseClone();
    public override int Steps() => days.Values.Sum(d => d.Steps());
}
public class Planner { private readonly Plan model; public Planner(Plan model) { this.model = model; } public Plan New() => model.Copy(); }
