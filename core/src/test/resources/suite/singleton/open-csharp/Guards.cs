namespace Watch;

public class Gatekeeper
{
    public void Open() => Log.Instance.Write("gate open");
}

public class NightGuard
{
    private readonly Log _own = new Log();

    public void Round()
    {
        _own.Write("round");
        Log.Instance.Write("round done");
    }
}
