using System.Collections.Concurrent;

namespace Type;

public sealed class Face
{
    public Face(string family, int weight)
    {
        Family = family;
        Weight = weight;
    }

    public string Family { get; }
    public int Weight { get; }
    public int Width(string text) => text.Length * Weight / 100;
}

public sealed class Faces
{
    private readonly ConcurrentDictionary<(string, int), Face> _faces = new();

    public Face Get(string family, int weight) =>
        _faces.GetOrAdd((family, weight), key => new Face(key.Item1, key.Item2));
}

public sealed class Setter
{
    private readonly Faces _faces;
    public Setter(Faces faces) => _faces = faces;
    public int Set(string text) => _faces.Get("garamond", 400).Width(text);
}
