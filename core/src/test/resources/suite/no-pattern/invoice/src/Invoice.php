<?php

namespace Aldera\Billing;

final class Invoice
{
    public function __construct(
        public readonly string $ship,
        public readonly float $amount,
    ) {
    }

    public static function fromRow(array $row): self
    {
        return new self($row['ship'], (float) $row['amount']);
    }

    public function withVat(float $rate): float
    {
        return round($this->amount * (1 + $rate), 2);
    }
}
