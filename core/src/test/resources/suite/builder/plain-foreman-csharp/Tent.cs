using System.Collections.Generic;

namespace Aldera.Fair;

public class Tent
{
    private readonly List<string> _parts = new();
    private string _cloth = "";
    public void AddPole(string wood) => _parts.Add(wood);
    public void Cover(string cloth) => _cloth = cloth;
    public override string ToString() => _cloth + string.Join(",", _parts);
}

public class TentBuilder
{
    private readonly Tent _tent = new Tent();

    public void RaisePoles()
    {
        for (var i = 0; i < 4; i++) _tent.AddPole("ash");
    }

    public void DrawCloth() => _tent.Cover("sail");

    public Tent Tent() => _tent;
}

public class Crew
{
    public void PutUp(TentBuilder builder)
    {
        builder.RaisePoles();
        builder.DrawCloth();
    }
}

public static class Fair
{
    public static void Main()
    {
        var builder = new TentBuilder();
        new Crew().PutUp(builder);
        System.Console.WriteLine(builder.Tent());
    }
}
