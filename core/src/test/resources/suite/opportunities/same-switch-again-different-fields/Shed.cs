namespace Aldera;

public enum Heat { Cold, Cool, Warm }

public enum Owner { Port, Line, Guild }

public class Shed
{
    private readonly Heat heat;
    private readonly Owner owner;

    public Shed(Heat heat, Owner owner)
    {
        this.heat = heat;
        this.owner = owner;
    }

    public int Degrees() => heat switch
    {
        Heat.Cold => -18,
        Heat.Cool => 4,
        _ => 20
    };

    public string Sign() => owner switch
    {
        Owner.Port => "A",
        Owner.Line => "L",
        _ => "G"
    };
}

public static class Program
{
    public static void Main() => System.Console.WriteLine(new Shed(Heat.Cold, Owner.Port).Sign());
}
