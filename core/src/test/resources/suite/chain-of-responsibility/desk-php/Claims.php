<?php

namespace Insurance;

final class Claim
{
    public function __construct(public readonly int $cents, public readonly bool $fire)
    {
    }
}

abstract class Clerk
{
    private ?Clerk $next = null;

    public function then(Clerk $next): Clerk
    {
        $this->next = $next;
        return $next;
    }

    public function handle(Claim $claim): string
    {
        if ($this->next === null) {
            return 'nobody is in charge';
        }
        return $this->next->handle($claim);
    }
}

final class Junior extends Clerk
{
    public function handle(Claim $claim): string
    {
        if ($claim->cents < 10_000) {
            return 'paid by the junior';
        }
        return parent::handle($claim);
    }
}

final class FireExpert extends Clerk
{
    public function handle(Claim $claim): string
    {
        return $claim->fire ? 'looked at by the expert' : parent::handle($claim);
    }
}

final class Director extends Clerk
{
    public function handle(Claim $claim): string
    {
        return $claim->cents > 1_000_000 ? 'refused' : 'paid by the director';
    }
}
