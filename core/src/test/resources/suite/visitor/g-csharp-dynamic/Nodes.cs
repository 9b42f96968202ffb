using System.Collections.Generic;

namespace Aldera.Fees;

public abstract class FeeNode
{
    public abstract T Accept<T>(IFeeVisitor<T> visitor);
}

public sealed class FlatFee : FeeNode
{
    public FlatFee(decimal amount) => Amount = amount;
    public decimal Amount { get; }
    public override T Accept<T>(IFeeVisitor<T> visitor) => visitor.VisitFlat(this);
}

public sealed class PerTonFee : FeeNode
{
    public PerTonFee(decimal rate, int tons) => (Rate, Tons) = (rate, tons);
    public decimal Rate { get; }
    public int Tons { get; }
    public override T Accept<T>(IFeeVisitor<T> visitor) => visitor.VisitPerTon(this);
}

public sealed class FeeGroup : FeeNode
{
    private readonly List<FeeNode> fees = new();
    public IReadOnlyList<FeeNode> Fees => fees;
    public void Add(FeeNode fee) => fees.Add(fee);
    public override T Accept<T>(IFeeVisitor<T> visitor) => visitor.VisitGroup(this);
}

public interface IFeeVisitor<T>
{
    T VisitFlat(FlatFee fee);
    T VisitPerTon(PerTonFee fee);
    T VisitGroup(FeeGroup group);
}
