<?php
interface Fee
{
    public function kind(): string;

    public function of(int $tons): int;
}

final class TugFee implements Fee
{
    public function kind(): string
    {
        return 'tug';
    }

    public function of(int $tons): int
    {
        return 80;
    }
}

final class FerryFee implements Fee
{
    public function kind(): string
    {
        return 'ferry';
    }

    public function of(int $tons): int
    {
        return $tons * 2;
    }
}

final class Desk
{
    /** @var array<string, Fee> */
    private array $fees = [];

    public function __construct(Fee ...$fees)
    {
        foreach ($fees as $fee) {
            $this->fees[$fee->kind()] = $fee;
        }
    }

    public function bill(string $kind, int $tons): int
    {
        $fee = $this->fees[$kind] ?? throw new InvalidArgumentException($kind);
        return $fee->of($tons);
    }
}
