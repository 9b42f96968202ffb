namespace Aldera;
public class Papers
{
    private int checkedCount;
    public void Check(string cargo) { checkedCount++; }
}
public class Duties
{
    private int sum;
    public void Levy(string cargo) { sum += cargo.Length; }
}
public class Clearance
{
    private readonly Papers papers = new Papers();
    private readonly Duties duties = new Duties();
    public void Clear(string cargo)
    {
        papers.Check(cargo);
        duties.Levy(cargo);
    }
}
public class Shipper
{
    private readonly Clearance clearance;
    public Shipper(Clearance clearance) { this.clearance = clearance; }
    public void Ship() => clearance.Clear("salt");
}
