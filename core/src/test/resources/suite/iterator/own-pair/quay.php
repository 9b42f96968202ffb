<?php

interface BerthIterator
{
    public function hasNext(): bool;
    public function next(): string;
}

final class Quay
{
    private array $berths = [];

    public function add(string $berth): void
    {
        $this->berths[] = $berth;
    }

    public function iterator(): BerthIterator
    {
        return new ForwardIterator($this->berths);
    }
}

final class ForwardIterator implements BerthIterator
{
    private int $at = 0;

    public function __construct(private array $berths)
    {
    }

    public function hasNext(): bool
    {
        return $this->at < count($this->berths);
    }

    public function next(): string
    {
        return $this->berths[$this->at++];
    }
}

$quay = new Quay();
$quay->add('west');
$walk = $quay->iterator();
while ($walk->hasNext()) {
    echo $walk->next();
}
