using System.Collections.Generic;
namespace Port;
public record State(string Berth, int Hour);
public class Plan
{
    private State state = new("", 0);
    public void Move(string to) => state = state with { Berth = to, Hour = state.Hour + 1 };
    public State Save() => state;
    public void Restore(State s) => state = s;
}
public class Log
{
    private readonly Stack<State> past = new();
    public void Note(Plan plan) => past.Push(plan.Save());
    public void Undo(Plan plan) { if (past.Count > 0) plan.Restore(past.Pop()); }
}
