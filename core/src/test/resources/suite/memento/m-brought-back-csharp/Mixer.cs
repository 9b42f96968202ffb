namespace Studio;

public class Mixer
{
    private int volume;
    private int bass;

    public void Set(int volume, int bass)
    {
        this.volume = volume;
        this.bass = bass;
    }

    public Preset Store() => new Preset(this, volume, bass);

    public class Preset
    {
        private readonly Mixer mixer;
        private readonly int volume;
        private readonly int bass;

        internal Preset(Mixer mixer, int volume, int bass)
        {
            this.mixer = mixer;
            this.volume = volume;
            this.bass = bass;
        }

        public void Recall()
        {
            mixer.volume = volume;
        }
    }
}
