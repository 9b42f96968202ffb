<?php
declare(strict_types=1);

namespace Library;

final class ShelfIterator implements \Iterator
{
    private int $place = 0;

    public function __construct(private readonly array $books)
    {
    }

    public function current(): Book
    {
        return $this->books[$this->place];
    }

    public function key(): int
    {
        return $this->place;
    }

    public function next(): void
    {
        $this->place++;
    }

    public function rewind(): void
    {
        $this->place = 0;
    }

    public function valid(): bool
    {
        return isset($this->books[$this->place]);
    }
}
