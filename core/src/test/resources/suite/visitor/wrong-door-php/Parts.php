<?php
declare(strict_types=1);

interface PartVisitor
{
    public function visitHull(Hull $hull): void;
    public function visitMast(Mast $mast): void;
}

interface Part
{
    public function accept(PartVisitor $visitor): void;
}

final class Hull implements Part
{
    public int $plates = 40;

    public function accept(PartVisitor $visitor): void
    {
        $visitor->visitHull($this);
    }
}

final class Mast implements Part
{
    public int $metres = 12;

    public function accept(PartVisitor $visitor): void
    {
        $visitor->visitMast($this);
    }
}

final class Keel implements Part
{
    public int $tonnes = 3;

    public function accept(PartVisitor $visitor): void
    {
        if ($visitor instanceof PaintList) {
            $visitor->litres += 2;
        }
    }
}

final class PaintList implements PartVisitor
{
    public int $litres = 0;

    public function visitHull(Hull $hull): void
    {
        $this->litres += $hull->plates;
    }

    public function visitMast(Mast $mast): void
    {
        $this->litres += intdiv($mast->metres, 4);
    }
}

final class Yard
{
    /** @param Part[] $parts */
    public function __construct(private array $parts)
    {
    }

    public function paint(): int
    {
        $list = new PaintList();
        foreach ($this->parts as $part) {
            $part->accept($list);
        }
        return $list->litres;
    }
}

echo (new Yard([new Hull(), new Mast(), new Keel()]))->paint();
