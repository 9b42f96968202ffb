<?php
final class Colour { public function __construct(private readonly string $name) {} public function paint(int $x): string { return $this->name . $x; } }
final class Palette implements ArrayAccess
{
    private array $colours = [];
    public function offsetExists(mixed $name): bool { return true; }
    public function offsetGet(mixed $name): Colour
    {
        return $this->colours[$name] ??= new Colour($name);
    }
    public function offsetSet(mixed $name, mixed $value): void { throw new LogicException('fixed'); }
    public function offsetUnset(mixed $name): void { throw new LogicException('fixed'); }
}
final class Painter
{
    private Palette $palette;
    public function __construct() { $this->palette = new Palette(); }
    public function draw(): string { return $this->palette['red']->paint(1) . $this->palette['blue']->paint(2); }
}
