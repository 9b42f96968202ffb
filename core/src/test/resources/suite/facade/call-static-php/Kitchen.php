<?php

namespace Inn;

class Stove
{
    private int $heat = 0;

    public function light(): void
    {
        $this->heat = 180;
    }

    public function ready(): bool
    {
        return $this->heat > 150;
    }
}

class Larder
{
    private array $stock = ['eggs' => 12];

    public function take(string $what, int $count): int
    {
        $taken = min($count, $this->stock[$what] ?? 0);
        $this->stock[$what] -= $taken;
        return $taken;
    }
}

class Pan
{
    private array $in = [];

    public function add(string $what, int $count): void
    {
        $this->in[] = [$what, $count];
    }

    public function serve(): string
    {
        return count($this->in) . ' on a plate';
    }
}
