<?php
final class Book implements IteratorAggregate
{
    private array $pages = [];

    public function add(string $page): void
    {
        $this->pages[] = $page;
    }

    public function getIterator(): Iterator
    {
        return new PageIterator($this->pages);
    }
}

final class PageIterator implements Iterator
{
    private int $at = 0;

    public function __construct(private array $pages)
    {
    }

    public function current(): mixed
    {
        return $this->pages[$this->at];
    }

    public function key(): mixed
    {
        return $this->at;
    }

    public function next(): void
    {
        $this->at++;
    }

    public function rewind(): void
    {
        $this->at = 0;
    }

    public function valid(): bool
    {
        return isset($this->pages[$this->at]);
    }
}

final class Reader
{
    public function read(Book $book): void
    {
        foreach ($book as $page) {
            echo $page;
        }
    }
}
