namespace Aldera;

public interface IScale
{
    int Weigh(string crate);
}

public class DeckScale : IScale
{
    public int Weigh(string crate) => crate.Length * 2;
}

public class PitScale : IScale
{
    public int Weigh(string crate) => crate.Length * 3;
}

public class Warehouse
{
    private readonly DeckScale scale;

    public Warehouse(DeckScale scale)
    {
        this.scale = scale;
    }

    public int Enter(string crate) => scale.Weigh(crate) + 1;
}

public class Customs
{
    private readonly IScale scale;

    public Customs(IScale scale)
    {
        this.scale = scale;
    }

    public int Duty(string crate) => scale.Weigh(crate) * 7;
}

public static class Program
{
    public static void Main() =>
        System.Console.WriteLine(new Warehouse(new DeckScale()).Enter("rope") + new Customs(new PitScale()).Duty("salt"));
}
