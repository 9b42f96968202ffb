namespace Aldera;

public interface IRadio { void Say(string text); bool Hears(int channel); }

public class Vhf : IRadio
{
    public void Say(string text) => System.Console.WriteLine(text);
    public bool Hears(int channel) => channel == 16;
}

public class Boat
{
    private readonly IRadio? radio;
    private int speed;

    public Boat(IRadio? radio) => this.radio = radio;

    public void Depart()
    {
        if (radio != null) radio.Say("departing");
        speed = 6;
    }

    public void Arrive()
    {
        speed = 0;
        if (radio is not null)
        {
            radio.Say("arrived");
        }
    }

    public bool Listening()
    {
        if (radio == null) return false;
        return radio.Hears(16);
    }

    public void Mayday() => radio?.Say("mayday");
}
