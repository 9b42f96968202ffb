namespace Aldera.Books;

public interface IBook
{
    string Read(int page);
    void Write(int page, string line);
}

public class PaperBook : IBook
{
    private readonly Dictionary<int, string> _pages = new();
    public string Read(int page) => _pages.GetValueOrDefault(page, "");
    public void Write(int page, string line) => _pages[page] = line;
}

public abstract class BookProxy : IBook
{
    protected readonly PaperBook Book;

    protected BookProxy(PaperBook book) => Book = book;

    public virtual string Read(int page) => Book.Read(page);
    public virtual void Write(int page, string line) => Book.Write(page, line);
}

public class GuardedBook : BookProxy
{
    private readonly bool _clerk;

    public GuardedBook(PaperBook book, bool clerk) : base(book) => _clerk = clerk;

    public override void Write(int page, string line)
    {
        if (!_clerk)
        {
            throw new UnauthorizedAccessException();
        }

        base.Write(page, line);
    }
}

public class Tower
{
    private readonly IBook _book;
    public Tower(IBook book) => _book = book;
    public string First() => _book.Read(1);
}
