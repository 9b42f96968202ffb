using System.Collections.Generic;

namespace Mixer;

public sealed class Rehearsal
{
    private readonly Desk desk;
    private readonly Stack<Desk.Snapshot> saved = new();

    public Rehearsal(Desk desk) => this.desk = desk;

    public void Try(string scene)
    {
        saved.Push(desk.Save());
        desk.Choose(scene);
        desk.Turn(10);
    }

    public void Back()
    {
        if (saved.TryPop(out var snapshot))
        {
            desk.Restore(snapshot);
        }
    }
}
