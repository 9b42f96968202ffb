namespace Aldera.Deck;
public interface IDeck { void Report(object who, string what); }
public class Winch { private readonly IDeck deck; private int turns; public Winch(IDeck deck) { this.deck = deck; } public void Stop() { turns = 0; } public void Turn() { turns++; deck.Report(this, "turned"); } }
public class Brake { private readonly IDeck deck; private readonly Winch winch; private bool on; public Brake(IDeck deck, Winch winch) { this.deck = deck; this.winch = winch; } public void Pull() { on = true; winch.Stop(); deck.Report(this, "pulled"); } public void Free() { on = false; } }
public class Deck : IDeck
{
    private readonly Winch winch; private readonly Brake brake; private int reports;
    public Deck() { winch = new Winch(this); brake = new Brake(this, winch); }
    public void Report(object who, string what) { reports++; if (who == winch) brake.Free(); else winch.Turn(); }
}
