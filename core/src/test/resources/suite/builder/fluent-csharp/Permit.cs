namespace Aldera;
public record Permit(string Holder, int Days);
public class PermitBuilder
{
    private string? holder;
    private int days;
    public PermitBuilder For(string who) { holder = who; return this; }
    public PermitBuilder Until(int d) { days = d; return this; }
    public Permit Build()
    {
        if (holder is null) throw new InvalidOperationException("no holder");
        return new Permit(holder, days);
    }
}
public class Office
{
    public Permit Issue() => new PermitBuilder().For("Ada").Until(30).Build();
}
