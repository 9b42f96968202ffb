namespace Harbour;

public interface IDues
{
    int Reckon(int metres, int days);
}

public class ByLength : IDues
{
    public int Reckon(int metres, int days) => metres * days * 2;
}

public class ByDay : IDues
{
    public int Reckon(int metres, int days) => days * 30;
}

public class Cashbox
{
    private IDues dues;
    private int taken;

    public void Choose(IDues chosen) { dues = chosen; }

    public int Charge(int metres, int days)
    {
        var sum = dues.Reckon(metres, days);
        taken += sum;
        return sum;
    }
}

public class Pier
{
    public int Season()
    {
        var box = new Cashbox();
        box.Choose(new ByLength());
        var first = box.Charge(12, 3);
        box.Choose(new ByDay());
        return first + box.Charge(12, 3);
    }
}
