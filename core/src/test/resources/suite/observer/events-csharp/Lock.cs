using System;

namespace Aldera.Lock;

public sealed class LevelChanged : EventArgs
{
    public double Metres { get; init; }
}

public class LockChamber
{
    private double level;

    public event EventHandler<LevelChanged>? Changed;

    public void Fill(double metres)
    {
        level += metres;
        Changed?.Invoke(this, new LevelChanged { Metres = level });
    }
}

public sealed class GateLamp
{
    private bool green;

    public GateLamp(LockChamber chamber) => chamber.Changed += OnChanged;

    private void OnChanged(object? sender, LevelChanged e) => green = e.Metres > 3;
}

public sealed class Journal
{
    private readonly System.Collections.Generic.List<string> lines = new();

    public void Follow(LockChamber chamber)
    {
        chamber.Changed += (_, e) => lines.Add($"{e.Metres}");
    }
}
