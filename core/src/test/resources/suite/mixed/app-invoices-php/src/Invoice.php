<?php

declare(strict_types=1);

namespace Aldera\Invoices;

final class Invoice
{
    /** @var Line[] */
    private array $lines = [];
    private ?\DateTimeImmutable $paidAt = null;

    public function __construct(private readonly int $number, private readonly string $customer)
    {
    }

    public function add(Line $line): void
    {
        $this->lines[] = $line;
    }

    public function total(): Money
    {
        $sum = Money::zero();
        foreach ($this->lines as $line) {
            $sum = $sum->plus($line->amount());
        }

        return $sum;
    }

    public function pay(\DateTimeImmutable $when): void
    {
        if ($this->paidAt !== null) {
            throw new \DomainException("invoice {$this->number} is paid");
        }
        $this->paidAt = $when;
    }

    public function isPaid(): bool
    {
        return $this->paidAt !== null;
    }

    public function customer(): string
    {
        return $this->customer;
    }
}

final class Line
{
    public function __construct(private string $text, private int $count, private Money $price)
    {
    }

    public function amount(): Money
    {
        return $this->price->times($this->count);
    }
}

final class Money
{
    public function __construct(public readonly int $cents)
    {
    }

    public static function zero(): self
    {
        return new self(0);
    }

    public function plus(self $other): self
    {
        return new self($this->cents + $other->cents);
    }

    public function times(int $factor): self
    {
        return new self($this->cents * $factor);
    }
}
