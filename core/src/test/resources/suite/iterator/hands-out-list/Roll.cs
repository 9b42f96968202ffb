using System.Collections.Generic;
namespace Aldera.Roll;
public interface ICrewWalk { bool MoveOn(); string Current { get; } }
public class CrewRoll
{
    public List<string> Names { get; } = new();
    public void Sign(string name) => Names.Add(name);
    public ICrewWalk Walk() => new RollWalk(Names);
    private sealed class RollWalk : ICrewWalk
    {
        private readonly List<string> names; private int at = -1;
        public RollWalk(List<string> names) => this.names = names;
        public bool MoveOn() => ++at < names.Count;
        public string Current => names[at];
    }
}
public class Bosun { public string Call(CrewRoll roll) { var s = ""; var walk = roll.Walk(); while (walk.MoveOn()) s += walk.Current; return s + roll.Names.Count; } }
