using System;
using System.Collections.Generic;

public sealed class Glyph
{
    public char Letter { get; }
    public string Font { get; }

    public Glyph(char letter, string font)
    {
        Letter = letter;
        Font = font;
    }

    public void Draw(int x, int y) => Console.WriteLine($"{Letter} in {Font} at {x},{y}");
}

public class GlyphCase
{
    private readonly Dictionary<char, Glyph> _glyphs = new();

    public Glyph Get(char letter, string font)
    {
        if (!_glyphs.TryGetValue(letter, out var glyph))
        {
            glyph = new Glyph(letter, font);
            _glyphs[letter] = glyph;
        }
        return glyph;
    }
}

public class Line
{
    private readonly GlyphCase _case;
    public Line(GlyphCase glyphs) => _case = glyphs;

    public void Set(string text)
    {
        for (var i = 0; i < text.Length; i++) _case.Get(text[i], "Garamond").Draw(i, 0);
    }
}
