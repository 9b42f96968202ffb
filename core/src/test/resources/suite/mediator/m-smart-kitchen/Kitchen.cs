namespace Kitchen;

public interface IHub
{
    void Notify(Appliance sender, string what);
}

public abstract class Appliance
{
    protected IHub? Hub;

    public void Join(IHub hub) => Hub = hub;
}

public class Oven : Appliance
{
    public int Degrees { get; private set; }

    public void Heat(int degrees)
    {
        Degrees = degrees;
        Hub?.Notify(this, "hot");
    }

    public void Off() => Degrees = 0;
}

public class Fan : Appliance
{
    private int speed;

    public void Spin(int level)
    {
        speed = level;
        if (speed == 0) Hub?.Notify(this, "still");
    }
}

public class Timer : Appliance
{
    public void Ring() => Hub?.Notify(this, "done");
}

public class KitchenHub : IHub
{
    private readonly Oven oven;
    private readonly Fan fan;
    private readonly Timer timer;

    public KitchenHub(Oven oven, Fan fan, Timer timer)
    {
        this.oven = oven;
        this.fan = fan;
        this.timer = timer;
        oven.Join(this);
        fan.Join(this);
        timer.Join(this);
    }

    public void Notify(Appliance sender, string what)
    {
        if (sender == oven && what == "hot") fan.Spin(3);
        else if (sender == timer) { oven.Off(); fan.Spin(0); }
    }
}
