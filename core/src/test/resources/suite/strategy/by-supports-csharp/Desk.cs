using System;
using System.Collections.Generic;
using System.Linq;

public interface IFee
{
    string Kind { get; }
    int Of(int tons);
}

public class TugFee : IFee
{
    public string Kind => "tug";
    public int Of(int tons) => 80;
}

public class FerryFee : IFee
{
    public string Kind => "ferry";
    public int Of(int tons) => tons * 2;
}

public class Desk
{
    private readonly IReadOnlyDictionary<string, IFee> fees;

    public Desk(IEnumerable<IFee> all) => fees = all.ToDictionary(fee => fee.Kind);

    public int Bill(string kind, int tons)
    {
        if (!fees.TryGetValue(kind, out var fee))
        {
            throw new ArgumentException(kind);
        }
        return fee.Of(tons);
    }
}
