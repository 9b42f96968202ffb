namespace Canteen;

public class Counter
{
    private readonly Kitchen kitchen = new();

    public int Wait(string order) => kitchen.Prepare(order).Minutes();
}
