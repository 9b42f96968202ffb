namespace Aldera;

public abstract record Craft(string Name);
public record Sail(string Name, int Masts) : Craft(Name);
public record Motor(string Name, int Horsepower) : Craft(Name);
public record Raft(string Name) : Craft(Name);

public sealed class Tolls
{
    public int For(Craft craft) => craft switch
    {
        Sail s => 10 * s.Masts,
        Motor m => m.Horsepower / 2,
        _ => 1,
    };

    public string Lane(Craft craft)
    {
        if (craft is Motor) return "inner";
        if (craft is Sail { Masts: > 2 }) return "outer";
        return "any";
    }
}
