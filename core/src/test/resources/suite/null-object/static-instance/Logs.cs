using System.Collections.Generic;

public abstract class Log
{
    public static readonly Log None = new NoLog();

    public abstract void Write(string line);
    public abstract int Size { get; }

    private sealed class NoLog : Log
    {
        public override void Write(string line) { }
        public override int Size => 0;
    }
}

public sealed class MemoryLog : Log
{
    private readonly List<string> lines = new();
    public override void Write(string line) => lines.Add(line);
    public override int Size => lines.Count;
}

public class Gate
{
    private readonly Log log;
    public Gate(Log? log = null) => this.log = log ?? Log.None;
    public int Open(string ship)
    {
        log.Write(ship);
        return log.Size;
    }
}

public static class Program
{
    public static void Main() => System.Console.WriteLine(new Gate().Open("Rosa") + new Gate(new MemoryLog()).Open("Marta"));
}
