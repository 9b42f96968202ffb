namespace Ferry;

public class Purser
{
    public decimal Charge(string tariff) => Fare.Read(tariff).For(2);
}
