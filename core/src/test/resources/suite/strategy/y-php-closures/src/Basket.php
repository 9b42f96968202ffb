<?php

declare(strict_types=1);

namespace Shop;

final class Basket
{
    /** @var array<string, int> */
    private array $lines = [];

    /** @var callable(int): int */
    private $discount;

    public function __construct(?callable $discount = null)
    {
        $this->discount = $discount ?? static fn (int $cents): int => $cents;
    }

    public function add(string $article, int $cents): void
    {
        $this->lines[$article] = ($this->lines[$article] ?? 0) + $cents;
    }

    public function setDiscount(callable $discount): void
    {
        $this->discount = $discount;
    }

    public function total(): int
    {
        return ($this->discount)(array_sum($this->lines));
    }
}
