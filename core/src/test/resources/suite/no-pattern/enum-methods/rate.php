<?php

enum Rate: string
{
    case Flat = 'flat';
    case PerTon = 'ton';

    public function cents(int $tons): int
    {
        return match ($this) {
            self::Flat => 900,
            self::PerTon => $tons * 3,
        };
    }
}

final class Desk
{
    public function __construct(private Rate $rate)
    {
    }

    public function bill(int $tons): int
    {
        return $this->rate->cents($tons) + 20;
    }
}

echo (new Desk(Rate::from('ton')))->bill(40);
