<?php

final class Rota
{
    private array $names = [];

    public function __construct(private \Closure $order)
    {
    }

    public function enter(string $name): void
    {
        $this->names[] = $name;
    }

    public function watches(): array
    {
        $sorted = $this->names;
        usort($sorted, $this->order);
        return $sorted;
    }
}

$day = new Rota(fn (string $a, string $b): int => strlen($a) - strlen($b));
$day->enter('Ines');
$night = new Rota(fn (string $a, string $b): int => strcmp($a, $b));
$night->enter('Bo');
print_r($day->watches());
