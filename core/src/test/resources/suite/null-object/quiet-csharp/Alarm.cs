namespace Aldera;
public interface IAlarm
{
    void Sound(string why);
}
public class LoudAlarm : IAlarm
{
    private int count;
    public void Sound(string why) { count++; }
}
public class SilentAlarm : IAlarm
{
    public void Sound(string why) { }
}
public class Store
{
    private readonly IAlarm alarm;
    public Store(IAlarm? alarm = null) { this.alarm = alarm ?? new SilentAlarm(); }
    public void Burn() => alarm.Sound("fire");
}
