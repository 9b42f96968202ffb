<?php
declare(strict_types=1);

namespace Aldera\Depot;

interface Label
{
    public function text(string $line): void;
}

final class Needles
{
    public function strike(string $bytes, int $head): void
    {
        fwrite(STDOUT, "$head:$bytes");
    }
}

final class NeedleLabel implements Label
{
    public function __construct(private readonly Needles $needles)
    {
    }

    public function text(string $line): void
    {
        $this->needles->strike($line . "\n", 2);
    }
}

final class NoLabel implements Label
{
    public function text(string $line): void
    {
    }
}

final class PaperLabel implements Label
{
    public array $lines = [];

    public function text(string $line): void
    {
        $this->lines[] = $line;
    }
}
