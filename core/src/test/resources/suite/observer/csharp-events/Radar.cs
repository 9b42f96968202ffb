using System;
namespace Aldera.Radar;
public class ContactArgs : EventArgs { public ContactArgs(string name) { Name = name; } public string Name { get; } }
public class Radar
{
    public event EventHandler<ContactArgs>? Contact;
    private int sweeps;
    public void Sweep(string name) { sweeps++; OnContact(new ContactArgs(name)); }
    protected virtual void OnContact(ContactArgs e) => Contact?.Invoke(this, e);
}
public class Plotter { private string last = ""; public Plotter(Radar radar) { radar.Contact += Plot; } private void Plot(object? s, ContactArgs e) { last = e.Name; } }
public class Alarm : IDisposable
{
    private readonly Radar radar; private int rung;
    public Alarm(Radar radar) { this.radar = radar; radar.Contact += Ring; }
    private void Ring(object? s, ContactArgs e) { rung++; }
    public void Dispose() { radar.Contact -= Ring; }
}
public static class Ship { public static void Main() { var r = new Radar(); new Plotter(r); using var a = new Alarm(r); r.Sweep("x"); } }
