<?php

namespace Bank;

enum Currency
{
    case Euro;
    case Dollar;
    case Pound;
}

final class Money
{
    public function __construct(public readonly int $cents, public readonly Currency $currency)
    {
    }

    public function plus(Money $other): Money
    {
        return new Money($this->cents + $other->cents, $this->currency);
    }

    public function withCents(int $cents): self
    {
        return new self($cents, $this->currency);
    }
}

final class Rates
{
    public function rate(Currency $currency): float
    {
        return match ($currency) {
            Currency::Euro => 1.0,
            Currency::Dollar => 1.1,
            Currency::Pound => 0.85,
        };
    }

    public function toEuro(Money $money): Money
    {
        return new Money((int) ($money->cents / $this->rate($money->currency)), Currency::Euro);
    }
}
