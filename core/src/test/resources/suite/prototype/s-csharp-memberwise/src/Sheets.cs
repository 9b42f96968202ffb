namespace Sheets;

public abstract class Cell : ICloneable
{
    public string Name { get; set; } = "";
    protected List<string> Notes { get; private set; } = new();

    public void Note(string text) => Notes.Add(text);

    public virtual object Clone()
    {
        var copy = (Cell)MemberwiseClone();
        copy.Notes = new List<string>(Notes);
        return copy;
    }
}

public sealed class NumberCell : Cell
{
    public double Value { get; set; }
}

public sealed class FormulaCell : Cell
{
    private int[] _inputs = [];

    public void Use(params int[] inputs) => _inputs = inputs;
}
