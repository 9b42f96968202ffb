using System.Collections.Generic;
using System.Linq;
namespace Aldera.Org;
public abstract class Unit
{
    protected Unit(string name) => Name = name;
    public string Name { get; }
    public Unit? Parent { get; internal set; }
    public abstract int Crew();
    public string Path() => Parent is null ? Name : Parent.Path() + "/" + Name;
}
public class Team : Unit { private readonly int people; public Team(string name, int people) : base(name) => this.people = people; public override int Crew() => people; }
public class Division : Unit
{
    private readonly List<Unit> units = new();
    public Division(string name) : base(name) { }
    public Division Add(Unit unit) { unit.Parent = this; units.Add(unit); return this; }
    public override int Crew() => units.Sum(u => u.Crew());
}
public class Report { public string Line(Unit unit) => $"{unit.Path()}: {unit.Crew()}"; }
public static class Harbour { public static string Day() => new Report().Line(new Division("port").Add(new Team("pilots", 8)).Add(new Division("quay").Add(new Team("cranes", 20)))); }
