namespace Aldera.Quotes;

public interface IQuote
{
    decimal For(string berth, int hours);
    string Text { get; }
}

public sealed class BaseQuote : IQuote
{
    public decimal For(string berth, int hours) => hours * (berth == "North" ? 12m : 9m);
    public string Text => "base";
}

public sealed class NightQuote : IQuote
{
    private readonly IQuote _inner;
    public NightQuote(IQuote inner) => _inner = inner;
    public decimal For(string berth, int hours) => _inner.For(berth, hours) * 1.25m;
    public string Text => _inner.Text + ", night";
}

public sealed class PlainQuote : IQuote
{
    private readonly IQuote _inner;
    public PlainQuote(IQuote inner) => _inner = inner;
    public decimal For(string berth, int hours) => _inner.For(berth, hours);
    public string Text => _inner.Text;
}
