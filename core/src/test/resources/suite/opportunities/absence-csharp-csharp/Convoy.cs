namespace Aldera;

public sealed class Escort
{
    public string Name { get; init; } = "";
    public void Signal(string text) => System.Console.WriteLine(Name + ": " + text);
    public int Speed { get; set; } = 12;
}

public sealed class Convoy
{
    private Escort? _escort;

    public void Take(Escort escort) => _escort = escort;

    public void Depart()
    {
        if (_escort != null)
        {
            _escort.Signal("departing");
        }
    }

    public int Speed(int own)
    {
        if (_escort is null) return own;
        return System.Math.Min(own, _escort.Speed);
    }

    public void Slow()
    {
        if (_escort is not null) _escort.Speed -= 2;
    }

    public void Arrive()
    {
        _escort?.Signal("arrived");
    }
}
