<?php

namespace Aldera\Customs;

interface Inspector
{
    public function wine(Wine $wine): float;

    public function cloth(Cloth $cloth): float;
}

interface Good
{
    public function shownTo(Inspector $inspector): float;
}

final class Wine implements Good
{
    public function __construct(public readonly float $litres) {}

    public function shownTo(Inspector $inspector): float
    {
        return $inspector->wine($this);
    }
}

final class Cloth implements Good
{
    public function __construct(public readonly float $metres) {}

    public function shownTo(Inspector $inspector): float
    {
        return $inspector->cloth($this);
    }
}

class DutyInspector implements Inspector
{
    public function wine(Wine $wine): float
    {
        return $wine->litres * 0.4;
    }

    public function cloth(Cloth $cloth): float
    {
        return $cloth->metres * 0.1;
    }
}

class Shipment
{
    /** @param Good[] $goods */
    public function __construct(private array $goods) {}

    public function duty(): float
    {
        $inspector = new DutyInspector();
        $sum = 0.0;
        foreach ($this->goods as $good) {
            $sum += $good->shownTo($inspector);
        }

        return $sum;
    }
}
