<?php

declare(strict_types=1);

interface PilotBook
{
    /** @return string[] */
    public function pagesOn(string $place): array;
}

final class PrintedBook implements PilotBook
{
    /** @param array<string, string[]> $pages */
    public function __construct(private array $pages)
    {
    }

    public function pagesOn(string $place): array
    {
        return $this->pages[$place] ?? [];
    }
}

final class Shelf implements PilotBook, IteratorAggregate
{
    /** @var PilotBook[] */
    private array $books = [];

    public function put(PilotBook $book): static
    {
        $this->books[] = $book;
        return $this;
    }

    public function pagesOn(string $place): array
    {
        $pages = [];
        foreach ($this->books as $book) {
            array_push($pages, ...$book->pagesOn($place));
        }
        return $pages;
    }

    public function getIterator(): Iterator
    {
        return new ArrayIterator($this->books);
    }
}

final class LockedBook implements PilotBook
{
    private ?PilotBook $opened = null;

    public function __construct(private Closure $open)
    {
    }

    public function pagesOn(string $place): array
    {
        $this->opened ??= ($this->open)();
        return $this->opened->pagesOn($place);
    }
}

$shelf = (new Shelf())
    ->put(new PrintedBook(['Aldera' => ['p. 4']]))
    ->put(new LockedBook(fn () => new PrintedBook(['Brisa' => ['p. 9']])));
print_r($shelf->pagesOn('Brisa'));
foreach ($shelf as $book) {
    echo get_class($book);
}
