<?php
class Clerk
{
    private $way;

    public function __construct(callable $way)
    {
        $this->way = $way;
    }

    public function bill(int $hours): int
    {
        return ($this->way)($hours);
    }
}

class Prices
{
    public function byDay(int $hours): int
    {
        return (int) ceil($hours / 24) * 90;
    }

    public function byHour(int $hours): int
    {
        return $hours * 5;
    }
}

$prices = new Prices();
echo (new Clerk([$prices, 'byDay']))->bill(30);
echo (new Clerk([$prices, 'byHour']))->bill(3);
