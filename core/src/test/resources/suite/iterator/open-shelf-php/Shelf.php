<?php
declare(strict_types=1);

final class Shelf implements IteratorAggregate
{
    public array $charts = [];

    public function put(string $chart): void
    {
        $this->charts[] = $chart;
    }

    public function getIterator(): Iterator
    {
        return new ShelfWalk($this->charts);
    }
}

final class ShelfWalk implements Iterator
{
    private int $at = 0;

    public function __construct(private array $charts)
    {
    }

    public function current(): mixed
    {
        return $this->charts[$this->at];
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
        return isset($this->charts[$this->at]);
    }
}

$shelf = new Shelf();
$shelf->put('bay');
foreach ($shelf as $chart) {
    echo $chart;
}
echo count($shelf->charts);
