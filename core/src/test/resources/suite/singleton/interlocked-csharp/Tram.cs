namespace Tramway;

public class Tram
{
    public bool MayGo() => SignalBoard.Current.IsGreen("north");
}
