namespace Harbour;

public delegate int Pricing(int metres, int days);

public static class Pricings
{
    public static int ByLength(int metres, int days) => metres * days * 2;
    public static int ByDay(int metres, int days) => days * 30;
}

public class Till
{
    private Pricing pricing = Pricings.ByLength;
    private int taken;

    public void Use(Pricing other) => pricing = other;

    public int Charge(int metres, int days)
    {
        var sum = pricing(metres, days);
        taken += sum;
        return sum;
    }
}

public static class Program
{
    public static void Main()
    {
        var till = new Till();
        till.Charge(12, 2);
        till.Use(Pricings.ByDay);
        till.Charge(12, 2);
        till.Use((metres, days) => 5);
        till.Charge(12, 2);
    }
}
