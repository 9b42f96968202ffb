<?php

declare(strict_types=1);

namespace Aldera;

final class Wall
{
    /** @var list<string> */
    private array $sheets = [];

    public function hang(string $text): void
    {
        $this->sheets[] = (new Notice(loud: true, framed: true))->render($text);
    }

    public function count(): int
    {
        return count($this->sheets);
    }
}
