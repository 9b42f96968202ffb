namespace Aldera;

public sealed class Glyph
{
    public char Letter { get; }
    public int Width { get; set; }
    public Glyph(char letter, int width) { Letter = letter; Width = width; }
    public string At(int x) => $"{Letter}@{x}";
}

public sealed class Glyphs
{
    private readonly Dictionary<char, Glyph> _glyphs = new();

    public Glyph Get(char letter)
    {
        if (!_glyphs.TryGetValue(letter, out var glyph))
        {
            glyph = new Glyph(letter, letter == 'i' ? 3 : 7);
            _glyphs.Add(letter, glyph);
        }
        return glyph;
    }
}

public sealed class SignPainter
{
    private readonly Glyphs _glyphs = new();
    public int Paint(string text)
    {
        var x = 0;
        foreach (var letter in text)
        {
            var glyph = _glyphs.Get(letter);
            if (x > 80) glyph.Width = 5;
            x += glyph.Width;
        }
        return x;
    }
}
