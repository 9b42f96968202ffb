namespace Aldera;

public class EastOffice
{
    public BerthContract Sign(string who) => new BerthContract(who, 4, 12, 300m, true, "");
}

public class WestOffice
{
    public BerthContract Renew(string who)
    {
        var contract = new BerthContract(who, 9, 6, 280m, false, "renewed");
        contract.Extend(1);
        return contract;
    }
}

public static class Program
{
    public static void Main() =>
        System.Console.WriteLine(new EastOffice().Sign("Ana").Due() + new WestOffice().Renew("Luz").Due());
}
