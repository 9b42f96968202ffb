using System.Collections.Generic;

namespace Harbour;

public abstract class Load
{
    public abstract int Tons();
    public abstract string Label();
}

public class Sack : Load
{
    private readonly int tons;
    public Sack(int tons) { this.tons = tons; }
    public override int Tons() => tons;
    public override string Label() => "sack";
}

public class Pallet : Load
{
    private readonly List<Sack> sacks = new();

    public void Put(Sack sack) => sacks.Add(sack);

    public override int Tons()
    {
        var sum = 0;
        foreach (var sack in sacks)
        {
            sum += sack.Tons();
        }
        return sum;
    }

    public override string Label() => "pallet of " + sacks.Count;
}

public class Scale
{
    public bool Over(Load load) => load.Tons() > 20;

    public static void Main()
    {
        var pallet = new Pallet();
        pallet.Put(new Sack(3));
        System.Console.WriteLine(new Scale().Over(pallet));
    }
}
