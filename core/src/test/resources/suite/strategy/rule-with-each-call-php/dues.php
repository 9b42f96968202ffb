<?php

interface Rate
{
    public function of(int $metres): int;
}

final class FerryRate implements Rate
{
    public function of(int $metres): int
    {
        return $metres * 2;
    }
}

final class YachtRate implements Rate
{
    public function of(int $metres): int
    {
        return $metres * 7 + 10;
    }
}

final class Ledger
{
    private array $sums = [];

    public function enter(int $metres, Rate $rate): int
    {
        $sum = $rate->of($metres);
        $this->sums[] = $sum;
        return $sum;
    }
}

$ledger = new Ledger();
$ledger->enter(90, new FerryRate());
$ledger->enter(12, new YachtRate());
