using System;

namespace Aldera.Plans;

public record CranePlan(string Crane, int Hours, string? Note);

public class CranePlanBuilder
{
    public string Crane { get; set; } = "";
    public int Hours { get; set; } = 8;
    public string? Note { get; set; }

    public CranePlan Build()
    {
        if (Crane == "")
        {
            throw new InvalidOperationException("a plan needs a crane");
        }
        return new CranePlan(Crane, Hours, Note);
    }
}

public class Office
{
    public CranePlan Monday() => new CranePlanBuilder { Crane = "north", Hours = 6 }.Build();

    public CranePlan Tuesday()
    {
        var builder = new CranePlanBuilder();
        builder.Crane = "south";
        builder.Note = "no Ines";
        return builder.Build();
    }
}
