using System.Collections.Generic;
using System.Linq;

namespace Search;

public sealed record Book(string Title, int Year);

public interface IFilter
{
    bool Matches(Book book);
}

public sealed class TitleHas : IFilter
{
    private readonly string _word;
    public TitleHas(string word) => _word = word;
    public bool Matches(Book book) => book.Title.Contains(_word);
}

public sealed class After : IFilter
{
    private readonly int _year;
    public After(int year) => _year = year;
    public bool Matches(Book book) => book.Year > _year;
}

public sealed class And : IFilter
{
    private readonly IFilter _left;
    private readonly IFilter _right;
    public And(IFilter left, IFilter right) { _left = left; _right = right; }
    public bool Matches(Book book) => _left.Matches(book) && _right.Matches(book);
}

public sealed class Not : IFilter
{
    private readonly IFilter _inner;
    public Not(IFilter inner) => _inner = inner;
    public bool Matches(Book book) => !_inner.Matches(book);
}

public sealed class Shelf
{
    private readonly List<Book> _books = new();
    public void Put(Book book) => _books.Add(book);
    public List<Book> Find(IFilter filter) => _books.Where(book => filter.Matches(book)).ToList();
    public int Old() => Find(new Not(new And(new After(1900), new TitleHas("a")))).Count;
}
