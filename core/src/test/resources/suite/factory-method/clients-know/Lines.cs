namespace Aldera.Lines;
public interface ITicket { string Print(); }
public class PaperTicket : ITicket { public string Print() => "paper"; public int Fold() => 2; }
public class PhoneTicket : ITicket { public string Print() => "phone"; }
public abstract class Line { public abstract ITicket NewTicket(); }
public class IslandLine : Line { public override ITicket NewTicket() => new PaperTicket(); }
public class TownLine : Line { private readonly PhoneTicket kept = new PhoneTicket(); public override ITicket NewTicket() => kept; }
public class NightLine : Line { public override ITicket NewTicket() { return new PhoneTicket(); } }
public class Conductor
{
    public int Sell(Line line) { var t = line.NewTicket(); if (t is PaperTicket p) return p.Fold(); return t.Print().Length; }
}
