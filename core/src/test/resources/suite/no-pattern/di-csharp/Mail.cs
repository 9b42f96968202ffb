namespace Aldera.Mail;

public interface IClock
{
    System.DateTime Now { get; }
}

public sealed class SystemClock : IClock
{
    public System.DateTime Now => System.DateTime.UtcNow;
}

public sealed class Letter
{
    public Letter(string to, string text, System.DateTime at)
    {
        To = to;
        Text = text;
        At = at;
    }

    public string To { get; }
    public string Text { get; }
    public System.DateTime At { get; }
}

public sealed class Secretary
{
    private readonly IClock clock;

    public Secretary(IClock clock) => this.clock = clock;

    public Letter Write(string to, string text) => new(to, text.Trim(), clock.Now);
}

public static class Program
{
    public static void Main() => new Secretary(new SystemClock()).Write("Alma", "come in");
}
