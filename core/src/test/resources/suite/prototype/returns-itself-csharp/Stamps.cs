public abstract class Stamp
{
    public int Cents { get; set; }
    public abstract Stamp Copy();
}

public class Letter : Stamp
{
    public string Town { get; set; } = "";
    public override Stamp Copy() => new Letter { Cents = Cents, Town = Town };
}

public class Parcel : Stamp
{
    public override Stamp Copy() => this;
}

public class Book
{
    private readonly Stamp first;
    public Book(Stamp first) => this.first = first;
    public Stamp Tear() => first.Copy();
}
