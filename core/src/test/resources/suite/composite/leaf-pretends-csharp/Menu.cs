namespace Aldera;

public abstract class Entry
{
    public string Title { get; }
    protected Entry(string title) => Title = title;
    public abstract decimal Price();
    public virtual void Add(Entry entry) { }
    public virtual IEnumerable<Entry> Inside() => Array.Empty<Entry>();
}

public sealed class Dish : Entry
{
    private readonly decimal _price;
    public Dish(string title, decimal price) : base(title) => _price = price;
    public override decimal Price() => _price;
}

public sealed class SetMeal : Entry
{
    private readonly List<Entry> _entries = new();
    public SetMeal(string title) : base(title) { }
    public override void Add(Entry entry) => _entries.Add(entry);
    public override IEnumerable<Entry> Inside() => _entries;
    public override decimal Price()
    {
        var sum = 0m;
        foreach (var entry in _entries)
        {
            sum += entry.Price();
        }
        return sum * 0.9m;
    }
}
