<?php
declare(strict_types=1);

final class FlatFee
{
    public function __construct(private int $cents)
    {
    }

    public function __invoke(int $metres): int
    {
        return $this->cents;
    }
}

final class MetreFee
{
    public function __invoke(int $metres): int
    {
        return $metres * 140;
    }
}

final class Cashier
{
    /** @var callable(int): int */
    private $fee;

    public function __construct(callable $fee)
    {
        $this->fee = $fee;
    }

    public function due(int $metres): string
    {
        return sprintf('%.2f', ($this->fee)($metres) / 100);
    }
}
