<?php
namespace Aldera\Canal;

use Aldera\Support\Observable;

class Lock
{
    use Observable;

    private int $level = 0;
    private bool $open = false;

    public function fill(int $by): void
    {
        $this->level += $by;
        $this->changed('level');
    }

    public function open(): void
    {
        $this->open = true;
        $this->changed('open');
    }

    public function close(): void
    {
        $this->open = false;
    }
}
