namespace Pottery;

public sealed class Glaze
{
    public string Tone { get; }
    public int Degrees { get; }

    internal Glaze(string tone, int degrees)
    {
        Tone = tone;
        Degrees = degrees;
    }
}

public class GlazeShelf
{
    private readonly Dictionary<(string, int), WeakReference<Glaze>> shelf = new();

    public Glaze Get(string tone, int degrees)
    {
        if (shelf.TryGetValue((tone, degrees), out var kept) && kept.TryGetTarget(out var glaze))
        {
            return glaze;
        }
        var fresh = new Glaze(tone, degrees);
        shelf[(tone, degrees)] = new WeakReference<Glaze>(fresh);
        return fresh;
    }
}
