namespace Customs;

public class Coin
{
    public int Value { get; set; }
}

public class Bureau
{
    private int changed;

    public Coin Exchange(Coin given, Coin wanted)
    {
        changed += given.Value;
        return wanted;
    }

    public object CreateInstance(System.Type kind) => new Coin();
}
