using System.Collections.Generic;

public abstract class Mark
{
    public int X { get; set; }
    public string Label { get; set; } = "";
    public abstract Mark Duplicate();
}

public class Beacon : Mark
{
    public int Height { get; set; }

    public override Mark Duplicate() => new Beacon { X = X, Label = Label, Height = Height };
}

public class Wreck : Mark
{
    private readonly List<string> notes = new();

    public override Mark Duplicate()
    {
        var copy = (Wreck)MemberwiseClone();
        return copy;
    }
}

public class Palette
{
    private readonly Dictionary<string, Mark> _marks = new();
    public void Put(string name, Mark mark) => _marks[name] = mark;
    public Mark Take(string name) => _marks[name].Duplicate();
}
