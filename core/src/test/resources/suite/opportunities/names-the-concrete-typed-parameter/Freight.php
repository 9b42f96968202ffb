<?php

interface Carrier
{
    public function carry(int $tonnes): int;
}

final class RailCarrier implements Carrier
{
    public function carry(int $tonnes): int
    {
        return $tonnes * 3;
    }
}

final class RoadCarrier implements Carrier
{
    public function carry(int $tonnes): int
    {
        return $tonnes * 5;
    }
}

final class FreightDesk
{
    public function quote(RailCarrier $carrier, int $tonnes): int
    {
        return $carrier->carry($tonnes) + 10;
    }
}

echo (new FreightDesk())->quote(new RailCarrier(), 4), (new RoadCarrier())->carry(1);
