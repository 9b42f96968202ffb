namespace Aldera;

public interface ILight
{
    double Lumens();
    void Switch(bool on);
    string Colour { get; }
}

public sealed class Bulb : ILight
{
    private bool _on;
    public double Lumens() => _on ? 800 : 0;
    public void Switch(bool on) => _on = on;
    public string Colour => "white";
    public ILight Dimmed() => new Dimmer(this, 0.5);
}

public abstract class LightCover : ILight
{
    protected readonly ILight Light;
    protected LightCover(ILight light) => Light = light;
    public virtual double Lumens() => Light.Lumens();
    public virtual void Switch(bool on) => Light.Switch(on);
    public virtual string Colour => Light.Colour;
}

public sealed class Dimmer : LightCover
{
    private readonly double _part;
    public Dimmer(ILight light, double part) : base(light) => _part = part;
    public override double Lumens() => base.Lumens() * _part;
}

public sealed class RedGlass : LightCover
{
    public RedGlass(ILight light) : base(light) { }
    public override double Lumens() => base.Lumens() * 0.3;
    public override string Colour => "red";
}
