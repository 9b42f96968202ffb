<?php

final class Mark
{
    public function __construct(private readonly string $sign, private readonly string $colour)
    {
    }

    public function at(int $x, int $y): string
    {
        return "$this->colour $this->sign ($x, $y)";
    }
}

final class Marks
{
    /** @var array<string, Mark> */
    private static array $marks = [];

    public static function of(string $sign, string $colour): Mark
    {
        $key = "$sign-$colour";
        if (!isset(self::$marks[$key])) {
            self::$marks[$key] = new Mark($sign, $colour);
        }
        return self::$marks[$key];
    }
}

final class Map
{
    private array $lines = [];

    public function draw(int $x, int $y, string $sign): void
    {
        $this->lines[] = Marks::of($sign, 'red')->at($x, $y);
    }
}
