using System.Collections.Generic;
namespace Aldera;
public interface IAlarm { void Alarm(int level); }
public class Siren : IAlarm { public void Alarm(int level) => System.Console.Beep(); }
public class Board : IAlarm { public void Alarm(int level) => System.Console.WriteLine(level); }
public class Gauge {
    private sealed record Entry(int Limit, IAlarm Alarm);
    private readonly List<Entry> entries = new();
    private int level;
    public void Join(int limit, IAlarm alarm) => entries.Add(new Entry(limit, alarm));
    public void Rise(int by) { level += by; foreach (var e in entries) if (level > e.Limit) e.Alarm.Alarm(level); }
}
public static class Pier { public static void Main() { var g = new Gauge(); g.Join(3, new Siren()); g.Join(5, new Board()); g.Rise(4); } }
