<?php

class Manifest implements IteratorAggregate
{
    private array $items = [];

    public function add(string $item): void
    {
        $this->items[] = $item;
    }

    public function getIterator(): Iterator
    {
        return new ArrayIterator($this->items);
    }
}

class Checker
{
    public function read(Manifest $manifest): int
    {
        $n = 0;
        foreach ($manifest as $item) {
            $n += strlen($item);
        }
        return $n;
    }
}
