<?php

declare(strict_types=1);

namespace Aldera\Winch;

final class PanelPosition
{
    public function __construct(
        private readonly int $speed,
        private readonly string $direction,
        private readonly bool $locked,
    ) {
    }

    public function speed(): int
    {
        return $this->speed;
    }

    public function direction(): string
    {
        return $this->direction;
    }

    public function locked(): bool
    {
        return $this->locked;
    }
}
