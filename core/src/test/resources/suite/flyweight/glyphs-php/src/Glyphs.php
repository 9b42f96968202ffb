<?php
namespace Aldera\Signs;
final class Glyph
{
    public function __construct(private string $name, private string $svg) {}
    public function at(int $x, int $y): string { return "<g transform='$x,$y'>{$this->svg}</g>"; }
}
final class GlyphCase
{
    /** @var array<string, Glyph> */
    private array $glyphs = [];
    public function get(string $name): Glyph
    {
        return $this->glyphs[$name] ??= new Glyph($name, $this->load($name));
    }
    private function load(string $name): string { return file_get_contents("glyphs/$name.svg"); }
}
final class SignPainter
{
    public function __construct(private GlyphCase $case) {}
    public function row(array $names): string
    {
        $out = '';
        foreach ($names as $i => $name) { $out .= $this->case->get($name)->at($i * 10, 0); }
        return $out;
    }
}
