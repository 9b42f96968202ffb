using System;
using System.Linq;

namespace Aldera.Fees;

public sealed class Total : IFeeVisitor<decimal>
{
    public decimal VisitFlat(FlatFee fee) => fee.Amount;
    public decimal VisitPerTon(PerTonFee fee) => fee.Rate * fee.Tons;
    public decimal VisitGroup(FeeGroup group) => group.Fees.Sum(fee => fee.Accept(this));
}

public sealed class Names : IFeeVisitor<string>
{
    public string VisitFlat(FlatFee fee) => "flat";
    public string VisitPerTon(PerTonFee fee) => "per ton";
    public string VisitGroup(FeeGroup group) =>
        string.Join(", ", group.Fees.Select(fee => fee is FeeGroup ? "group" : fee.Accept(this)));
}
