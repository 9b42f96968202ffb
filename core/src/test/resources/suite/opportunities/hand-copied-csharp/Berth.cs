public class Berth
{
    public string Name { get; set; } = "";
    public int Metres { get; set; }
    public bool Deep { get; set; }
}

public class Dredger
{
    public void Dig(Berth berth) => berth.Deep = true;
}

public class Planner
{
    public Berth Twin(Berth berth)
    {
        var twin = new Berth();
        twin.Name = berth.Name;
        twin.Metres = berth.Metres;
        return twin;
    }
}
