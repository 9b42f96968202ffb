<?php
namespace Aldera\Courier;

abstract class Courier
{
    abstract protected function createVehicle(): Vehicle;

    public function deliver(string $parcel): string
    {
        $vehicle = $this->createVehicle();
        return $vehicle->carry($parcel);
    }
}

class IslandCourier extends Courier
{
    protected function createVehicle(): Vehicle
    {
        return new Launch();
    }
}

class TownCourier extends Courier
{
    protected function createVehicle(): Vehicle
    {
        return new CargoBike();
    }
}
