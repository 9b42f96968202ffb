<?php

final class Rounding
{
    public function cents(float $amount): int
    {
        return (int) round($amount * 100);
    }
}

final class TollDesk
{
    private Rounding $rounding;

    public function __construct()
    {
        $this->rounding = new Rounding();
    }

    public function due(float $amount): int
    {
        return $this->rounding->cents($amount) + 5;
    }
}

final class RentDesk
{
    private Rounding $rounding;

    public function __construct()
    {
        $this->rounding = new Rounding();
    }

    public function due(float $amount): int
    {
        return $this->rounding->cents($amount * 12);
    }
}

echo (new TollDesk())->due(3.5), (new RentDesk())->due(2.0);
