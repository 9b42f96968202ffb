using System.Collections.Generic;

namespace Aldera.Plan;

public sealed class PlanEditor
{
    private string berth = "";

    private void putBerth(string to) {
        berth = to;
    }
    private int lines;

    private void putLines(int to) {
        lines = to;
    }

    public void Assign(string where) => berth = where;
    public void AddLine() => lines++;

    public IState Save() => new State(berth, lines);

    public void Restore(IState saved)
    {
        var state = (State)saved;
        putBerth(state.Berth);
        putLines(state.Lines);
    }

    public interface IState { }

    private sealed record State(string Berth, int Lines) : IState;
}

public sealed class History
{
    private readonly Stack<PlanEditor.IState> states = new();
    private readonly PlanEditor editor;

    public History(PlanEditor editor) => this.editor = editor;

    public void Mark() => states.Push(editor.Save());

    public void Undo()
    {
        if (states.Count > 0) editor.Restore(states.Pop());
    }
}
