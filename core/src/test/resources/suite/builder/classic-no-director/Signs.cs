using System.Text;
namespace Aldera.Signs;
public class Sign { private readonly StringBuilder text = new(); public void Add(string s) => text.Append(s); public override string ToString() => text.ToString(); }
public interface ISignBuilder { void Head(string t); void Body(string t); void Foot(string t); Sign GetSign(); }
public class WoodSignBuilder : ISignBuilder
{
    private Sign sign = new Sign();
    public void Head(string t) => sign.Add($"[{t}]");
    public void Body(string t) => sign.Add(t);
    public void Foot(string t) => sign.Add($"({t})");
    public Sign GetSign() { var done = sign; sign = new Sign(); return done; }
}
public class NeonSignBuilder : ISignBuilder
{
    private Sign sign = new Sign();
    public void Head(string t) => sign.Add(t.ToUpper());
    public void Body(string t) => sign.Add($"*{t}*");
    public void Foot(string t) => sign.Add("!");
    public Sign GetSign() { var done = sign; sign = new Sign(); return done; }
}
public class SignMaker
{
    public Sign Welcome(ISignBuilder builder) { builder.Head("Aldera"); builder.Body("welcome"); builder.Foot("port"); return builder.GetSign(); }
}
public static class Shop { public static string Day() { var m = new SignMaker(); return m.Welcome(new WoodSignBuilder()).ToString() + m.Welcome(new NeonSignBuilder()); } }
