namespace Aldera;
public interface IWire { void Connect(string to); }
public class Link
{
    private readonly IWire wire;
    public Link(IWire wire)
    {
        this.wire = wire;
        wire.Connect("port");
    }
    public void Close() { }
}
