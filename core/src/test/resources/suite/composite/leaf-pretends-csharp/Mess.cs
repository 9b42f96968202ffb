namespace Aldera;

public sealed class Mess
{
    public string Bill(Entry entry)
    {
        var text = $"{entry.Title} {entry.Price()}";
        if (entry is SetMeal)
        {
            text += " (set)";
        }
        return text;
    }
}
