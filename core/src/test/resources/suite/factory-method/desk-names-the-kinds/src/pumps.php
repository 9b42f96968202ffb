<?php

namespace Aldera;

interface Pump
{
    public function litres(int $minutes): int;
}

final class DieselPump implements Pump
{
    public function litres(int $minutes): int
    {
        return $minutes * 90;
    }
}

final class HandPump implements Pump
{
    public function litres(int $minutes): int
    {
        return $minutes * 12;
    }
}

abstract class Crew
{
    abstract protected function pump(): Pump;

    public function empty(int $minutes): int
    {
        return $this->pump()->litres($minutes);
    }
}

final class YardCrew extends Crew
{
    protected function pump(): Pump
    {
        return new DieselPump();
    }
}

final class BoatCrew extends Crew
{
    protected function pump(): Pump
    {
        return new HandPump();
    }
}
