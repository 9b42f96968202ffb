<?php
namespace Pay;

final class OldBankGateway implements Gateway
{
    private OldBank $bank;

    public function __construct()
    {
        $this->bank = new OldBank();
    }

    public function charge(Money $amount, string $token): Receipt
    {
        $answer = $this->bank->do_payment($amount->cents, strtolower($amount->currency), $token);
        return new Receipt($answer['ref'], $amount);
    }

    public function refund(Receipt $receipt): bool
    {
        throw new \BadMethodCallException('the bank cannot refund');
    }
}
