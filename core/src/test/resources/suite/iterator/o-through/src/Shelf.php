<?php
declare(strict_types=1);

namespace Library;

final class Shelf implements \IteratorAggregate
{
    /** @var Book[] */
    private array $books = [];

    public function put(Book $book): void
    {
        $this->books[] = $book;
    }

    public function getIterator(): ShelfIterator
    {
        return new ShelfIterator($this->books);
    }
}
