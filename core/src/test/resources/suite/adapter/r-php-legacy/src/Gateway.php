<?php
namespace Pay;

interface Gateway
{
    public function charge(Money $amount, string $token): Receipt;

    public function refund(Receipt $receipt): bool;
}

final class Money
{
    public function __construct(public readonly int $cents, public readonly string $currency)
    {
    }
}

final class Receipt
{
    public function __construct(public readonly string $id, public readonly Money $amount)
    {
    }
}
