namespace Aldera;

public sealed class Pier
{
    private readonly List<ILight> _lights = new() { new RedGlass(new Bulb()), new Dimmer(new RedGlass(new Bulb()), 0.8) };
    public void Night() => _lights.ForEach(light => light.Switch(true));
    public double Sum() => _lights.Sum(light => light.Lumens());
}
