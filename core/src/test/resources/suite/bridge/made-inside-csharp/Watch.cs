namespace Aldera;

public static class Watch
{
    public static void Main()
    {
        new FogAlarm().Raise();
        new FireAlarm(new Siren()).Raise();
    }
}
