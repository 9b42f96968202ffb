namespace Mail;

public sealed record Message(string From, string Text);

public abstract class Filter
{
    private Filter _next = null!;

    public Filter Then(Filter next)
    {
        _next = next;
        return next;
    }

    public abstract string Sort(Message message);

    protected string Pass(Message message) => _next.Sort(message);
}

public sealed class BossFilter : Filter
{
    public override string Sort(Message message) => message.From == "boss" ? "now" : Pass(message);
}

public sealed class SpamFilter : Filter
{
    public override string Sort(Message message)
    {
        if (message.Text.Contains("lottery")) return "bin";
        return Pass(message);
    }
}

public sealed class Inbox
{
    private readonly Filter _first;

    public Inbox()
    {
        _first = new BossFilter();
        _first.Then(new SpamFilter());
    }

    public string Receive(Message message) => _first.Sort(message);
}
