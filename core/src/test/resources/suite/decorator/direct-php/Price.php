<?php
interface Price
{
    public function cents(): int;
}

final class Base implements Price
{
    public function cents(): int
    {
        return 100;
    }
}

final class Taxed implements Price
{
    public function __construct(private Price $price)
    {
    }

    public function cents(): int
    {
        return (int) ($this->price->cents() * 1.2);
    }
}

final class Till
{
    public function sum(): int
    {
        return (new Taxed(new Base()))->cents();
    }
}
