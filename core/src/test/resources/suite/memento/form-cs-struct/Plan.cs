using System.Collections.Generic;
namespace Port;
public class Plan
{
    public struct State { public string Berth; public int Hour; }
    private State state;
    public void Move(string to) { state.Berth = to; state.Hour++; }
    public State Save() => state;
    public void Restore(State s) => state = s;
}
public class Log
{
    private readonly Stack<Plan.State> past = new();
    public void Note(Plan plan) => past.Push(plan.Save());
    public void Undo(Plan plan) { if (past.Count > 0) plan.Restore(past.Pop()); }
}
