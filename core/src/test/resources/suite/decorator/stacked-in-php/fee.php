<?php
declare(strict_types=1);

interface Fee
{
    public function due(int $days): float;
}

final class BerthFee implements Fee
{
    public function __construct(private float $rate) {}

    public function due(int $days): float
    {
        return $this->rate * $days;
    }
}

abstract class Surcharge implements Fee
{
    public function __construct(protected readonly Fee $inner) {}
}

final class NightSurcharge extends Surcharge
{
    public function due(int $days): float
    {
        return $this->inner->due($days) * 1.2;
    }
}

final class IceSurcharge extends Surcharge
{
    public function due(int $days): float
    {
        return $this->inner->due($days) + 50.0;
    }
}

final class Cashier
{
    public function bill(Fee $fee, int $days): string
    {
        return sprintf('%.2f', $fee->due($days));
    }
}

echo (new Cashier())->bill(new IceSurcharge(new NightSurcharge(new BerthFee(10.0))), 3);
