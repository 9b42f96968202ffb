public interface ISender
{
    void Send(string to, string text);
}

public class RadioSender : ISender
{
    private int sent;
    public void Send(string to, string text) => sent += text.Length;
}

public class FlagSender : ISender
{
    private string last = "";
    public void Send(string to, string text) => last = to + text;
}

public abstract class Notice
{
    public ISender Sender { get; set; }

    protected Notice(ISender sender) => Sender = sender;

    public abstract void Give(string to);
}

public class StormNotice : Notice
{
    private readonly int force;

    public StormNotice(ISender sender, int force) : base(sender) => this.force = force;

    public override void Give(string to) => Sender.Send(to, $"storm {force}");
}

public class BerthNotice : Notice
{
    public BerthNotice(ISender sender) : base(sender) { }

    public override void Give(string to)
    {
        Sender.Send(to, "berth free");
        Sender.Send("office", to);
    }
}
