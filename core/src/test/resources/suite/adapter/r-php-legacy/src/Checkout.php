<?php
namespace Pay;

final class Checkout
{
    public function __construct(private Gateway $gateway)
    {
    }

    public function pay(int $cents, string $token): string
    {
        return $this->gateway->charge(new Money($cents, 'EUR'), $token)->id;
    }
}
