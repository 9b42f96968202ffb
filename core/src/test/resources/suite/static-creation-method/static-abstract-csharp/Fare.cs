namespace Ferry;

public interface IParsed<T> where T : IParsed<T>
{
    static abstract T Read(string text);
}

public sealed class Fare : IParsed<Fare>
{
    private readonly decimal amount;

    private Fare(decimal amount)
    {
        this.amount = amount;
    }

    public static Fare Read(string text) => new(decimal.Parse(text));

    public decimal For(int people) => amount * people;
}
