namespace Aldera.Clearing;

public class Captain
{
    private readonly IClearance _desk;

    public Captain(IClearance desk) => _desk = desk;

    public string Leave(string ship) => _desk.Clear(ship, 2) ? "casting off" : "waiting";
}
