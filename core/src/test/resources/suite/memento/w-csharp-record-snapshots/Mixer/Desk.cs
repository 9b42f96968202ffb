using System.Collections.Generic;

namespace Mixer;

public sealed class Desk
{
    private int volume = 50;
    private string scene = "speech";

    public void Turn(int by) => volume += by;

    public void Choose(string name) => scene = name;

    public Snapshot Save() => new(volume, scene);

    public void Restore(Snapshot snapshot) => (volume, scene) = (snapshot.Volume, snapshot.Scene);

    public sealed record Snapshot
    {
        internal int Volume { get; }
        internal string Scene { get; }

        internal Snapshot(int volume, string scene)
        {
            Volume = volume;
            Scene = scene;
        }
    }
}
