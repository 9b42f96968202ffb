namespace Aldera;
public enum Position { Shut, Half, Open }
public class Valve
{
    private Position position;
    public int Flow()
    {
        switch (position)
        {
            case Position.Shut: return 0;
            case Position.Half: return 5;
            default: return 9;
        }
    }
    public string Name()
    {
        switch (position)
        {
            case Position.Shut: return "shut";
            case Position.Half: return "half";
            default: return "open";
        }
    }
    public void Turn(Position to) { position = to; }
}
