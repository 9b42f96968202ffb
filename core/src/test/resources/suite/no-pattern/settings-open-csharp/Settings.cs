using System;

namespace Aldera.Radio;

public class RadioLink
{
    private readonly string host;
    private int sent;

    public RadioLink(string host) => this.host = host;

    public void Send(string text) => sent += text.Length + host.Length;
}

public class RadioSettings
{
    public string Host { get; set; } = "";
    public int Channel { get; set; }
    public bool Loud { get; set; }

    public RadioLink Open() => new RadioLink(Host);
}

public class Desk
{
    public void Call()
    {
        var settings = new RadioSettings();
        settings.Host = "tower";
        settings.Channel = 12;
        settings.Open().Send("hello");
    }
}
