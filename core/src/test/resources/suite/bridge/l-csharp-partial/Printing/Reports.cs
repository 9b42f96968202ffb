using System.Collections.Generic;

namespace Aldera.Printing;

public sealed class ArrivalReport : Report
{
    private readonly List<string> ships = new();
    public ArrivalReport(IPrinter printer) : base(printer) { }
    public void Add(string ship) => ships.Add(ship);
    public override void Print()
    {
        ships.ForEach(Line);
        EndPage();
    }
}

public sealed class DuesReport : Report
{
    private decimal total;
    public DuesReport(IPrinter printer) : base(printer) { }
    public void Add(decimal dues) => total += dues;
    public override void Print() => Line($"total {total}");
}
