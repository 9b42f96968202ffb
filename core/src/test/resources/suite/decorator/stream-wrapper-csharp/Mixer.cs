namespace Choir;

public class Mixer
{
    public IVoice Chapel(IVoice voice) => new Echo(new Vibrato(voice, 3));
}
