namespace Aldera.Logs;

public sealed class LogBook
{
    private readonly List<string> _lines = new();

    public void Write(string line) => _lines.Add(line);

    public async IAsyncEnumerable<string> ReadAsync()
    {
        foreach (var line in _lines)
        {
            await Task.Yield();
            yield return line;
        }
    }
}

public sealed class Reader
{
    public async Task PrintAsync(LogBook book)
    {
        await foreach (var line in book.ReadAsync())
        {
            Console.WriteLine(line);
        }
    }
}
