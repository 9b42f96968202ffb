<?php
declare(strict_types=1);

namespace Office;

final class Permit implements Form
{
    private array $stamps = [];
    private \DateTimeImmutable $date;

    public function __construct(private string $street)
    {
        $this->date = new \DateTimeImmutable('today');
    }

    public function stamp(string $stamp): void
    {
        $this->stamps[] = $stamp;
    }

    public function blank(): Form
    {
        $copy = clone $this;
        $copy->stamps = [];

        return $copy;
    }

    public function title(): string
    {
        return "Permit for {$this->street}";
    }
}
