public enum Kind { Barge, Tanker, Yacht }

public class Ship
{
    private readonly Kind _kind;
    private readonly int _tons;

    public Ship(Kind kind, int tons)
    {
        _kind = kind;
        _tons = tons;
    }

    public int Toll()
    {
        switch (_kind)
        {
            case Kind.Barge: return 40;
            case Kind.Tanker: return _tons * 2;
            default: return 15;
        }
    }

    public bool NeedsTug()
    {
        switch (_kind)
        {
            case Kind.Tanker: return true;
            case Kind.Barge: return _tons > 500;
            default: return false;
        }
    }
}
