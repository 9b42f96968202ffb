namespace Aldera.Docs;
public abstract class DocumentBase
{
    protected DocumentBase(string title) { Title = title; }
    public string Title { get; }
    public override string ToString() => $"{GetType().Name}: {Title}";
}
public class Manifest : DocumentBase
{
    private readonly System.Collections.Generic.List<string> lines = new();
    public Manifest(string title) : base(title) { }
    public void Add(string line) => lines.Add(line);
    public int Count => lines.Count;
}
public class Clerk
{
    public Manifest Write(params string[] goods) { var m = new Manifest("cargo"); foreach (var g in goods) m.Add(g); return m; }
}
