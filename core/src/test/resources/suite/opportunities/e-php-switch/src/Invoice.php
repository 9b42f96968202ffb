<?php
namespace Aldera\Billing;

class Invoice
{
    private string $kind;
    private float $amount;

    public function __construct(string $kind, float $amount)
    {
        $this->kind = $kind;
        $this->amount = $amount;
    }

    public function total(): float
    {
        switch ($this->kind) {
            case 'member':
                return $this->amount * 0.9;
            case 'abroad':
                return $this->amount * 1.25;
            default:
                return $this->amount;
        }
    }

    public function dueInDays(): int
    {
        return match ($this->kind) {
            'member' => 60,
            'abroad' => 14,
            default => 30,
        };
    }

    public function heading(): string
    {
        if ($this->kind === 'abroad') {
            return 'INVOICE';
        }
        return 'Rechnung';
    }
}
