public delegate int Tariff(int tons);
public static class Tariffs
{
    public static int Flat(int tons) => 9;
    public static int ByTon(int tons) => tons * 3;
}
public class Desk
{
    public Tariff Tariff { get; set; } = Tariffs.Flat;
    public string Bill(int tons) => $"{Tariff(tons)} due";
}
public class Office
{
    public void Day() { var desk = new Desk(); desk.Tariff = Tariffs.ByTon; System.Console.WriteLine(desk.Bill(3)); }
}
