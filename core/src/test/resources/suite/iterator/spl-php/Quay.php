<?php

class Quay implements IteratorAggregate
{
    /** @var Berth[] */
    private array $berths = [];

    public function add(Berth $berth): void
    {
        $this->berths[] = $berth;
    }

    public function getIterator(): Iterator
    {
        return new BerthIterator($this->berths);
    }
}

class Berth
{
    public bool $free = true;
}

class BerthIterator implements Iterator
{
    private int $at = 0;

    public function __construct(private array $berths)
    {
    }

    public function current(): mixed
    {
        return $this->berths[$this->at];
    }

    public function key(): int
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
        return isset($this->berths[$this->at]);
    }
}

$quay = new Quay();
$quay->add(new Berth());
foreach ($quay as $berth) {
    echo $berth->free;
}
