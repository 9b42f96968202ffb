using System.Collections.Generic;
namespace Aldera.Permits;
public class PermitBook { private readonly List<Permit> all = new(); public void Enter(Permit p) { all.Add(p); } }
public class Permit
{
    private readonly string holder; private readonly int days;
    private Permit(string holder, int days, PermitBook book)
    {
        this.holder = holder;
        this.days = days;
        book.Enter(this);
    }
    public static Permit ForResident(string holder, PermitBook book) => new Permit(holder, 365, book);
    public static Permit ForVisitor(string holder, PermitBook book) => new Permit(holder, 7, book);
    public string Text() => $"{holder}: {days}";
}
public class Window
{
    private readonly PermitBook book = new PermitBook();
    public string Visitor(string name) => Permit.ForVisitor(name, book).Text();
}
