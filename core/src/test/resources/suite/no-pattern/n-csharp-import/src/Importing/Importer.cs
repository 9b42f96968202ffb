namespace Aldera.Importing;

public abstract class Importer<T>
{
    private readonly List<string> errors = new();

    public IReadOnlyList<string> Errors => errors;

    public int Run(IRowSource source)
    {
        var count = 0;
        Before();
        foreach (var row in source.Rows())
        {
            if (!TryParse(row, out var item))
            {
                errors.Add(string.Join("|", row));
                continue;
            }
            Store(item!);
            count++;
        }
        return count;
    }

    protected virtual void Before() { }
    protected abstract bool TryParse(string[] row, out T? item);
    protected abstract void Store(T item);
}
