namespace Aldera.Store;

public interface IChartStore
{
    string Load(string name);
    void Save(string name, string text);
}

public sealed class DiskStore : IChartStore
{
    public string Load(string name) => System.IO.File.ReadAllText(name);
    public void Save(string name, string text) => System.IO.File.WriteAllText(name, text);
}

public sealed class LoggingStore(IChartStore inner, System.Action<string> log) : IChartStore
{
    public string Load(string name)
    {
        log($"load {name}");
        return inner.Load(name);
    }

    public void Save(string name, string text)
    {
        log($"save {name}");
        inner.Save(name, text);
    }
}

public sealed class TrimmingStore(IChartStore inner) : IChartStore
{
    public string Load(string name) => inner.Load(name).Trim();
    public void Save(string name, string text) => inner.Save(name, text.Trim());
}

public static class Stores
{
    public static IChartStore Default() => new LoggingStore(new TrimmingStore(new DiskStore()), System.Console.WriteLine);
}
