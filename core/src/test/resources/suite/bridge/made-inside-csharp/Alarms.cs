namespace Aldera;

public interface IHorn
{
    void Blow(int seconds);
    void Pause(int seconds);
}

public sealed class SteamHorn : IHorn
{
    private double _steam = 100;
    public void Blow(int seconds) => _steam -= seconds * 2;
    public void Pause(int seconds) => _steam = Math.Min(100, _steam + seconds);
}

public sealed class Siren : IHorn
{
    public int Beeps { get; private set; }
    public void Blow(int seconds) => Beeps += seconds;
    public void Pause(int seconds) { Beeps -= Beeps > 0 ? 1 : 0; }
}

public abstract class Alarm
{
    protected IHorn Horn { get; set; } = new SteamHorn();
    public abstract void Raise();
}

public sealed class FogAlarm : Alarm
{
    public override void Raise()
    {
        for (var i = 0; i < 2; i++)
        {
            Horn.Blow(5);
            Horn.Pause(60);
        }
    }
}

public sealed class FireAlarm : Alarm
{
    public FireAlarm(IHorn horn) => Horn = horn;
    public override void Raise() => Horn.Blow(30);
}
