namespace Aldera.Watch;

public class Siren
{
    public void Sound() { }
    public void Stop() { }
    public void Test() { }
}

public class WatchRoom
{
    private readonly Siren? siren;

    public WatchRoom(Siren? siren) => this.siren = siren;

    public void Alarm()
    {
        if (siren != null) siren.Sound();
    }

    public void Clear()
    {
        if (siren is null) return;
        siren.Stop();
    }

    public void Monday()
    {
        if (siren != null)
        {
            siren.Test();
        }
    }
}
