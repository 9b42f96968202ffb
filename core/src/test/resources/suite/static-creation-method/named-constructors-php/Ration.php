<?php

declare(strict_types=1);

namespace Stable;

final class Ration implements \Stringable
{
    private function __construct(private int $oats, private int $hay)
    {
    }

    public static function forWork(int $hours): static
    {
        return new static($hours * 200, 4000);
    }

    public static function forRest(): self
    {
        return new self(0, 6000);
    }

    public function __toString(): string
    {
        return "{$this->oats} g oats, {$this->hay} g hay";
    }
}
