namespace Aldera;

public sealed class Tug
{
    private readonly IRadio _radio;
    public Tug(IRadio radio) => _radio = radio ?? new SilentRadio(3);
    public void Pull(string ship)
    {
        _radio.Say($"pulling {ship}");
    }
    public int Words() => _radio.Said;
}
