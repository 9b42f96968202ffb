<?php

class Quay implements IteratorAggregate
{
    private array $ships = [];

    public function moor(string $ship): void
    {
        $this->ships[] = $ship;
    }

    public function at(int $index): string
    {
        return $this->ships[$index];
    }

    public function count(): int
    {
        return count($this->ships);
    }

    public function getIterator(): Iterator
    {
        return new QuaySteps($this);
    }
}

class QuaySteps implements Iterator
{
    private int $at = 0;

    public function __construct(private Quay $quay)
    {
    }

    public function current(): mixed
    {
        return $this->quay->at($this->at);
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
        return $this->at < $this->quay->count();
    }
}

$quay = new Quay();
$quay->moor('Rosa');
foreach ($quay as $ship) {
    echo $ship;
}
