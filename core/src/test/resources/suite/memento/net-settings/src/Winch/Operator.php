<?php

declare(strict_types=1);

namespace Aldera\Winch;

final class Operator
{
    /** @var PanelPosition[] */
    private array $stack = [];

    public function __construct(private WinchPanel $panel)
    {
    }

    public function haul(): void
    {
        $this->stack[] = $this->panel->remember();
        $this->panel->faster();
    }

    public function undo(): void
    {
        $position = array_pop($this->stack);
        if ($position !== null) {
            $this->panel->goBackTo($position);
        }
    }
}
