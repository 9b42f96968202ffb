namespace Aldera;

public interface IRadio
{
    void Say(string words);
    int Said { get; }
}

public sealed class DeckRadio : IRadio
{
    private readonly System.IO.TextWriter _out;
    private int _said;
    public DeckRadio(System.IO.TextWriter output) => _out = output;
    public void Say(string words)
    {
        _said++;
        _out.WriteLine(words);
    }
    public int Said => _said;
}

public sealed class SilentRadio : IRadio
{
    private int _kept;
    public SilentRadio(int kept) => _kept = kept;
    public void Say(string words) { }
    public int Said => 0;
}
