<?php

final class BuoyMark
{
    public function __construct(private string $colour, private string $shape)
    {
    }

    public function drawn(int $x, int $y): string
    {
        return "$this->colour $this->shape at $x/$y";
    }
}

final class BuoyMarks
{
    /** @var array<string, BuoyMark> */
    private array $known = [];

    public function port(): BuoyMark
    {
        return $this->kept('red', 'can');
    }

    public function of(string $colour, string $shape): BuoyMark
    {
        return $this->kept($colour, $shape);
    }

    private function kept(string $colour, string $shape): BuoyMark
    {
        $key = "$colour-$shape";
        if (!isset($this->known[$key])) {
            $this->known[$key] = new BuoyMark($colour, $shape);
        }

        return $this->known[$key];
    }
}

final class SeaChart
{
    public function __construct(private BuoyMarks $marks)
    {
    }

    public function drawn(): string
    {
        return $this->marks->port()->drawn(3, 4) . $this->marks->of('green', 'cone')->drawn(5, 6);
    }
}
