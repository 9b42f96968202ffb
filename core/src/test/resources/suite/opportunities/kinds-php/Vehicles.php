<?php

abstract class Vehicle
{
}

class Lorry extends Vehicle
{
    public int $axles = 3;
}

class Van extends Vehicle
{
}

class Toll
{
    public function price(Vehicle $vehicle): int
    {
        if ($vehicle instanceof Lorry) {
            return 10 * $vehicle->axles;
        }
        if ($vehicle instanceof Van) {
            return 12;
        }
        return 5;
    }

    public function lane(Vehicle $vehicle): int
    {
        return $vehicle instanceof Lorry ? 4 : ($vehicle instanceof Van ? 2 : 1);
    }
}
