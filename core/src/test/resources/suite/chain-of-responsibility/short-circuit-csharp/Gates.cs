namespace Aldera;

public abstract class Gate
{
    public Gate Next { get; set; }

    public bool Admit(string truck) => Knows(truck) || (Next != null && Next.Admit(truck));

    protected abstract bool Knows(string truck);
}

public class StaffGate : Gate
{
    protected override bool Knows(string truck) => truck.StartsWith("S");
}

public class FreightGate : Gate
{
    protected override bool Knows(string truck) => truck.Length > 6;
}

public static class Yard
{
    public static void Main()
    {
        var first = new StaffGate { Next = new FreightGate() };
        System.Console.WriteLine(first.Admit("F 220 AL"));
    }
}
