using System.Collections.Generic;
using System.Linq;
namespace Aldera.Radio;

public interface IChannel { void Join(Station station); void Say(Station from, string text); }

public sealed class HarbourChannel : IChannel
{
    private readonly List<Station> _stations = new();
    public void Join(Station station) => _stations.Add(station);
    public void Say(Station from, string text)
    {
        foreach (var one in _stations.Where(s => s != from))
        {
            if (from is Tug && one is Tug) continue;
            one.Hear(from.Name, text);
        }
    }
}

public abstract class Station
{
    private readonly IChannel _channel;
    public string Name { get; }
    protected Station(string name, IChannel channel) { Name = name; _channel = channel; channel.Join(this); }
    public void Call(string text) => _channel.Say(this, text);
    public abstract void Hear(string from, string text);
}

public sealed class Tug : Station
{
    private int _heard;
    public Tug(string name, IChannel channel) : base(name, channel) { }
    public override void Hear(string from, string text) { _heard++; if (text == "help") Call("coming"); }
}

public sealed class Pilot : Station
{
    private readonly List<string> _log = new();
    public Pilot(string name, IChannel channel) : base(name, channel) { }
    public override void Hear(string from, string text) => _log.Add($"{from}: {text}");
}
