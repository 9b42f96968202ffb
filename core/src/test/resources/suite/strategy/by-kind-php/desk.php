<?php
interface Fee
{
    public function supports(string $kind): bool;

    public function of(int $tons): int;
}

final class TugFee implements Fee
{
    public function supports(string $kind): bool
    {
        return $kind === 'tug';
    }

    public function of(int $tons): int
    {
        return 80;
    }
}

final class FerryFee implements Fee
{
    public function supports(string $kind): bool
    {
        return $kind === 'ferry';
    }

    public function of(int $tons): int
    {
        return $tons * 2;
    }
}

final class Desk
{
    /** @param iterable<Fee> $fees */
    public function __construct(private iterable $fees)
    {
    }

    public function bill(string $kind, int $tons): int
    {
        foreach ($this->fees as $fee) {
            if ($fee->supports($kind)) {
                return $fee->of($tons);
            }
        }
        throw new InvalidArgumentException("no fee for $kind");
    }
}
