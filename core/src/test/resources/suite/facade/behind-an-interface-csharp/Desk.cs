namespace Aldera.Clearing;

public interface IClearance
{
    bool Clear(string ship, int tugs);
}

public class Customs
{
    private readonly HashSet<string> _sealed = new();
    public bool Seal(string ship) => _sealed.Add(ship);
}

public class Pilots
{
    private int _next = 1;
    public int Book(string ship) => _next++;
}

public class Tugs
{
    private int _ordered;
    public void Order(int pilot, int count) => _ordered += count;
}

public class Clearance : IClearance
{
    private readonly Customs _customs = new();
    private readonly Pilots _pilots = new();
    private readonly Tugs _tugs = new();

    public bool Clear(string ship, int tugs)
    {
        if (!_customs.Seal(ship))
        {
            return false;
        }

        var pilot = _pilots.Book(ship);
        _tugs.Order(pilot, tugs);
        return true;
    }
}
