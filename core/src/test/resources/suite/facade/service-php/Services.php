<?php

class Berths
{
    public function reserve(string $ship): int
    {
        return strlen($ship);
    }
}

class Pilots
{
    public function call(string $ship): void
    {
        echo "pilot for $ship";
    }
}

class Dues
{
    public function charge(string $ship, int $berth): float
    {
        return $berth * 12.5;
    }
}

class ArrivalService
{
    public function __construct(private Berths $berths, private Pilots $pilots, private Dues $dues)
    {
    }

    public function arrive(string $ship): float
    {
        $berth = $this->berths->reserve($ship);
        $this->pilots->call($ship);
        return $this->dues->charge($ship, $berth);
    }
}

class Agent
{
    public function __construct(private ArrivalService $arrivals)
    {
    }

    public function bring(string $ship): void
    {
        $this->arrivals->arrive($ship);
    }
}
