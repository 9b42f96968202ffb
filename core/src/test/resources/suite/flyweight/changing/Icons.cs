using System.Collections.Concurrent;
namespace Aldera.Icons;
public sealed class Icon
{
    private string tint;
    public Icon(string name, string tint) { Name = name; this.tint = tint; }
    public string Name { get; }
    public void Tint(string value) { tint = value; }
    public string Draw(int x, int y) => $"{Name} {tint} {x},{y}";
}
public class IconShelf
{
    private readonly ConcurrentDictionary<string, Icon> icons = new();
    public Icon Get(string name) => icons.GetOrAdd(name, key => new Icon(key, "grey"));
}
public class MapView
{
    private readonly IconShelf shelf;
    public MapView(IconShelf shelf) { this.shelf = shelf; }
    public string Show(string name, int x, int y)
    {
        var icon = shelf.Get(name);
        icon.Tint("red");
        return icon.Draw(x, y);
    }
}
