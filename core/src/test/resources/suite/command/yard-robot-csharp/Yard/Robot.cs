namespace Yard;

public class Robot
{
    public int Row { get; private set; }
    public int Bay { get; private set; }
    public string? Held { get; private set; }

    public void Drive(int rows, int bays)
    {
        Row += rows;
        Bay += bays;
    }

    public void Grip(string box)
    {
        Held = box;
    }

    public string? Release()
    {
        var box = Held;
        Held = null;
        return box;
    }
}
