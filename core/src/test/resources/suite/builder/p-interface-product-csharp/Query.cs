namespace Catalogue;

public interface IQuery
{
    string Text();
}

internal sealed class SqlQuery : IQuery
{
    private readonly string table;
    private readonly List<string> filters;

    public SqlQuery(string table, List<string> filters)
    {
        this.table = table;
        this.filters = filters;
    }

    public string Text() => $"SELECT * FROM {table} WHERE {string.Join(" AND ", filters)}";
}

public class QueryBuilder
{
    private string? table;
    private readonly List<string> filters = new();

    public QueryBuilder From(string name)
    {
        table = name;
        return this;
    }

    public QueryBuilder Where(string filter)
    {
        filters.Add(filter);
        return this;
    }

    public IQuery Build()
    {
        if (table is null) throw new InvalidOperationException("no table");
        return new SqlQuery(table, filters);
    }
}

public class Search
{
    public string Books(string author) => new QueryBuilder().From("books").Where($"author = '{author}'").Build().Text();
}
