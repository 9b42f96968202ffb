<?php
namespace Aldera\Canal;

use Aldera\Support\Watcher;

class Panel implements Watcher
{
    private array $lines = [];

    public function noticed(object $who, string $what): void
    {
        $this->lines[] = $what;
    }
}

class Bell implements Watcher
{
    private int $rung = 0;

    public function noticed(object $who, string $what): void
    {
        if ($what === 'open') {
            $this->rung++;
        }
    }
}
