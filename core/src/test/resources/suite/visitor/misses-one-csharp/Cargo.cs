namespace Aldera;

public interface ICargoVisitor
{
    void Visit(Grain grain);
    void Visit(Oil oil);
    void Visit(Hold hold);
}

public abstract class Cargo
{
    public abstract void Accept(ICargoVisitor visitor);
}

public class Grain : Cargo
{
    public int Tons { get; init; }
    public override void Accept(ICargoVisitor visitor) => visitor.Visit(this);
}

public class Oil : Cargo
{
    public double Barrels { get; init; }
    public override void Accept(ICargoVisitor visitor) { }
}

public class Hold : Cargo
{
    private readonly List<Cargo> _inside = new();
    public void Stow(Cargo cargo) => _inside.Add(cargo);
    public override void Accept(ICargoVisitor visitor) => visitor.Visit(this);
}

public class Weigh : ICargoVisitor
{
    public double Sum { get; private set; }
    public void Visit(Grain grain) => Sum += grain.Tons;
    public void Visit(Oil oil) => Sum += oil.Barrels * 0.14;
    public void Visit(Hold hold) => Sum += 2;
}
