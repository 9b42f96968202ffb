using System;
using System.Collections.Concurrent;
public sealed class Glyph
{
    private readonly char sign;
    private readonly int width;
    public Glyph(char sign, int width) { this.sign = sign; this.width = width; }
    public void Paint(int x) => Console.WriteLine($"{sign}@{x}/{width}");
}
public sealed class Glyphs
{
    private readonly ConcurrentDictionary<char, Lazy<Glyph>> kept = new();
    public Glyph Of(char sign) => kept.GetOrAdd(sign, s => new Lazy<Glyph>(() => new Glyph(s, 7))).Value;
}
