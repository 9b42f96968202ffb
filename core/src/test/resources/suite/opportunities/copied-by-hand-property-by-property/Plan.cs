using System.Collections.Generic;

namespace Aldera;

public class BerthPlan
{
    public string Name { get; set; }
    public int Length { get; set; }
    public List<string> Notes { get; set; } = new();
}

public class PlanDesk
{
    public BerthPlan Duplicate(BerthPlan plan)
    {
        var copy = new BerthPlan();
        copy.Name = plan.Name;
        copy.Length = plan.Length;
        return copy;
    }
}

public static class Program
{
    public static void Main()
    {
        var plan = new BerthPlan { Name = "east", Length = 40 };
        plan.Notes.Add("deep");
        System.Console.WriteLine(new PlanDesk().Duplicate(plan).Notes.Count);
    }
}
