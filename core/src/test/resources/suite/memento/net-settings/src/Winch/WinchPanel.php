<?php

declare(strict_types=1);

namespace Aldera\Winch;

final class WinchPanel
{
    private int $speed = 0;
    private string $direction = 'in';
    private bool $locked = false;

    public function faster(): void
    {
        ++$this->speed;
    }

    public function reverse(): void
    {
        $this->direction = $this->direction === 'in' ? 'out' : 'in';
    }

    public function lock(): void
    {
        $this->locked = true;
    }

    public function remember(): PanelPosition
    {
        return new PanelPosition($this->speed, $this->direction, $this->locked);
    }

    public function goBackTo(PanelPosition $position): void
    {
        $this->speed = $position->speed();
        $this->direction = $position->direction();
        $this->locked = $position->locked();
    }
}
