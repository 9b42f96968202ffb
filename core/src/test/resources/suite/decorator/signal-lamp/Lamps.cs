namespace Aldera.Lights;

public interface ISignal { string Send(string text); int Cost { get; } }

public sealed class Lamp : ISignal
{
    public string Send(string text) => $"lamp:{text}";
    public int Cost => 1;
}

public abstract class SignalLayer : ISignal
{
    protected ISignal Inner { get; }
    protected SignalLayer(ISignal inner) => Inner = inner ?? throw new ArgumentNullException(nameof(inner));
    public virtual string Send(string text) => Inner.Send(text);
    public virtual int Cost => Inner.Cost;
}

public sealed class Repeating : SignalLayer
{
    private readonly int _times;
    public Repeating(ISignal inner, int times) : base(inner) { _times = times; }
    public override string Send(string text)
    {
        var all = new List<string>();
        for (var i = 0; i < _times; i++) all.Add(Inner.Send(text));
        return string.Join(' ', all);
    }
    public override int Cost => Inner.Cost * _times;
}

public sealed class Coded : SignalLayer
{
    public Coded(ISignal inner) : base(inner) { }
    public override string Send(string text) => base.Send(new string(text.Reverse().ToArray()));
}

public static class Tower
{
    public static ISignal Night() => new Repeating(new Coded(new Lamp()), 2);
}
