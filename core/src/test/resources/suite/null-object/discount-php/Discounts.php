<?php

namespace Aldera;

interface Discount
{
    public function apply(int $cents): int;

    public function label(): string;
}

class MemberDiscount implements Discount
{
    public function __construct(private int $percent) {}

    public function apply(int $cents): int
    {
        return (int) ($cents * (100 - $this->percent) / 100);
    }

    public function label(): string
    {
        return "member {$this->percent}%";
    }
}

class NoDiscount implements Discount
{
    public function apply(int $cents): int
    {
        return $cents;
    }

    public function label(): string
    {
        return '';
    }
}

class Ticket
{
    private Discount $discount;

    public function __construct(?Discount $discount = null)
    {
        $this->discount = $discount ?? new NoDiscount();
    }

    public function price(int $cents): string
    {
        return $this->discount->apply($cents) . ' ' . $this->discount->label();
    }
}
