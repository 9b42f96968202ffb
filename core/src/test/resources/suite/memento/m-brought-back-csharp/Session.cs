namespace Studio;

public class Session
{
    private readonly List<Mixer.Preset> presets = new();

    public void Keep(Mixer mixer) => presets.Add(mixer.Store());

    public void Back(int which) => presets[which].Recall();
}
