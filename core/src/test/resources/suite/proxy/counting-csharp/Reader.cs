namespace Lending;

public sealed class Reader
{
    private readonly ICatalogue _catalogue;

    public Reader(ICatalogue catalogue) => _catalogue = catalogue;

    public bool Borrow(string title) => _catalogue.Find(title) != null;
}

public static class Hall
{
    public static Reader Enter() => new Reader(new CountedCatalogue());
}
