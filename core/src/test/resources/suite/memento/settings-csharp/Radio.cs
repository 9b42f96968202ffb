using System.Collections.Generic;
namespace Aldera;
public record Preset(int Channel, int Volume);
public class Radio
{
    private int channel;
    private int volume;
    public void Tune(int to) { channel = to; }
    public void Turn(int to) { volume = to; }
    public Preset Store() => new Preset(channel, volume);
    public void Recall(Preset preset)
    {
        channel = preset.Channel;
        volume = preset.Volume;
    }
}
public class Presets
{
    private readonly Stack<Preset> kept = new();
    public void Push(Radio radio) => kept.Push(radio.Store());
    public void Pop(Radio radio) => radio.Recall(kept.Pop());
}
