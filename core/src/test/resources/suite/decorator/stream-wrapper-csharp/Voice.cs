namespace Choir;

public interface IVoice
{
    string Sing(string line);
    int Range { get; }
}

public sealed class Alto : IVoice
{
    public string Sing(string line) => line.ToLowerInvariant();
    public int Range => 14;
}

public abstract class Effect(IVoice inner) : IVoice
{
    protected IVoice Inner { get; } = inner;

    public virtual string Sing(string line) => Inner.Sing(line);

    public virtual int Range => Inner.Range;
}

public sealed class Echo(IVoice inner) : Effect(inner)
{
    public override string Sing(string line) => base.Sing(line) + " ... " + line;
}

public sealed class Vibrato(IVoice inner, int depth) : Effect(inner)
{
    public override string Sing(string line) => Inner.Sing(line) + new string('~', depth);

    public override int Range => Inner.Range + 1;
}
