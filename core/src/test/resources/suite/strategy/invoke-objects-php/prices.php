<?php

final class Full
{
    public function __invoke(int $cents): int
    {
        return $cents;
    }
}

final class Reduced
{
    public function __construct(private int $percent)
    {
    }

    public function __invoke(int $cents): int
    {
        return intdiv($cents * (100 - $this->percent), 100);
    }
}

final class Counter
{
    /** @var callable(int): int */
    private $price;

    public function __construct(callable $price)
    {
        $this->price = $price;
    }

    public function charge(int $cents): int
    {
        return ($this->price)($cents);
    }
}

echo (new Counter(new Full()))->charge(100);
echo (new Counter(new Reduced(20)))->charge(100);
