namespace Aldera.Complaints;
public abstract class Desk
{
    public Desk Next { get; set; }
    public abstract string Answer(string complaint);
}
public class NoiseDesk : Desk
{
    public override string Answer(string complaint)
    {
        if (complaint.Contains("noise")) return "earplugs";
        return Next.Answer(complaint);
    }
}
public class SmellDesk : Desk
{
    private readonly LastDesk last;
    public SmellDesk(LastDesk last) { this.last = last; }
    public override string Answer(string complaint) => complaint.Contains("fish") ? "wind will turn" : last.Answer(complaint);
}
public class LastDesk : Desk { public override string Answer(string complaint) => "noted: " + complaint; }
public class Porter
{
    public string Bring(string complaint)
    {
        var first = new NoiseDesk();
        first.Next = new SmellDesk(new LastDesk());
        return first.Answer(complaint);
    }
}
