<?php
namespace Aldera\Courier;

class Counter
{
    /** @param Courier[] $couriers */
    public function __construct(private array $couriers) {}

    public function send(string $area, string $parcel): string
    {
        return ($this->couriers[$area] ?? new TownCourier())->deliver($parcel);
    }
}
