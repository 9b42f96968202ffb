<?php

interface Visitor
{
    public function berth(Berth $berth): int;

    public function quay(Quay $quay): int;
}

interface Spot
{
    public function accept(Visitor $visitor): int;
}

final class Berth implements Spot
{
    public function __construct(public readonly int $metres)
    {
    }

    public function accept(Visitor $visitor): int
    {
        return $visitor->berth($this);
    }
}

final class Quay implements Spot, IteratorAggregate
{
    private array $spots = [];

    public function add(Spot $spot): void
    {
        $this->spots[] = $spot;
    }

    public function getIterator(): Traversable
    {
        yield from $this->spots;
    }

    public function accept(Visitor $visitor): int
    {
        return $visitor->quay($this);
    }
}

final class Length implements Visitor
{
    public function berth(Berth $berth): int
    {
        return $berth->metres;
    }

    public function quay(Quay $quay): int
    {
        $sum = 0;
        foreach ($quay as $spot) {
            $sum += $spot->accept($this);
        }
        return $sum;
    }
}

$quay = new Quay();
$quay->add(new Berth(40));
echo $quay->accept(new Length());
