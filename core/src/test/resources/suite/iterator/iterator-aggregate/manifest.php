<?php

namespace Aldera;

use IteratorAggregate;
use Traversable;

final class Manifest implements IteratorAggregate
{
    /** @var array<string, list<string>> */
    private array $byHold = [];

    public function load(string $hold, string $item): void
    {
        $this->byHold[$hold][] = $item;
    }

    public function getIterator(): Traversable
    {
        foreach ($this->byHold as $hold => $items) {
            foreach ($items as $item) {
                yield $hold => $item;
            }
        }
    }
}

final class Inspector
{
    public function read(Manifest $manifest): string
    {
        $text = '';
        foreach ($manifest as $hold => $item) {
            $text .= "$hold: $item\n";
        }
        return $text;
    }
}
