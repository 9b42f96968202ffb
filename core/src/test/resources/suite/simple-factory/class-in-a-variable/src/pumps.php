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
