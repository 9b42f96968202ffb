namespace Customs;

public class Traveller
{
    private Coin purse = new Coin();

    public void Change(Bureau bureau, Coin other)
    {
        bureau.Exchange(purse, other);
        bureau.CreateInstance(typeof(Coin));
    }
}
