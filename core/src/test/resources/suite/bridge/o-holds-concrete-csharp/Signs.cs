namespace Road;

public interface IPanel
{
    void Write(string text);
    void Clear();
}

public class LedPanel : IPanel
{
    private string shown = "";
    public void Write(string text) => shown = text;
    public void Clear() => shown = "";
}

public class FlapPanel : IPanel
{
    private readonly List<char> flaps = new();
    public void Write(string text) => flaps.AddRange(text);
    public void Clear() => flaps.Clear();
}

public abstract class Sign
{
    protected readonly IPanel Panel;

    protected Sign(IPanel panel) => Panel = panel;

    public abstract void Show(int value);
}

public class SpeedSign : Sign
{
    public SpeedSign(IPanel panel) : base(panel) { }

    public override void Show(int value)
    {
        Panel.Clear();
        Panel.Write(value + " km/h");
    }
}

public class QueueSign : Sign
{
    public QueueSign() : base(new LedPanel()) { }

    public override void Show(int value)
    {
        if (value > 10) Panel.Write("queue");
        else Panel.Clear();
    }
}
