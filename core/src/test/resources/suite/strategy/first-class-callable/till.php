<?php

function byLength(int $metres, int $days): int
{
    return $metres * $days * 2;
}

final class Rates
{
    public static function byDay(int $metres, int $days): int
    {
        return $days * 30;
    }
}

final class Till
{
    private int $taken = 0;

    public function __construct(private Closure $pricing)
    {
    }

    public function change(Closure $pricing): void
    {
        $this->pricing = $pricing;
    }

    public function charge(int $metres, int $days): int
    {
        $sum = ($this->pricing)($metres, $days);
        $this->taken += $sum;
        return $sum;
    }
}

$till = new Till(byLength(...));
$till->charge(12, 2);
$till->change(Rates::byDay(...));
echo $till->charge(12, 2);
