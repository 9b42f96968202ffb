using System.Collections.Generic;
namespace Aldera.Yard {
  public abstract class Job {
    private Job parent;
    public Job Parent { get { return parent; } set { parent = value; } }
    public string Path { get { return parent == null ? Name : parent.Path + "/" + Name; } }
    public string Name { get; set; }
    public abstract int Hours();
  }
  public class Task : Job {
    private readonly int hours;
    public Task(int hours) { this.hours = hours; }
    public override int Hours() { return hours; }
  }
  public class Inspection : Job { public override int Hours() { return 1; } }
  public class Overhaul : Job {
    private readonly List<Job> jobs = new List<Job>();
    public void Add(Job job) { job.Parent = this; jobs.Add(job); }
    public override int Hours() {
      int sum = 0;
      foreach (Job job in jobs) sum += job.Hours();
      return sum;
    }
  }
  public class Foreman {
    public int Plan() {
      Overhaul hull = new Overhaul();
      hull.Add(new Task(8));
      hull.Add(new Inspection());
      return hull.Hours();
    }
  }
}
