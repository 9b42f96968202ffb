<?php

interface Vessel
{
    public function toll(): int;
}

class Barge implements Vessel
{
    public function toll(): int
    {
        return 40;
    }
}

class Tanker implements Vessel
{
    public function toll(): int
    {
        return 400;
    }
}

class Registry
{
    private const KINDS = ['barge' => Barge::class, 'tanker' => Tanker::class];

    public function enter(string $kind): Vessel
    {
        if (!isset(self::KINDS[$kind])) {
            throw new DomainException("no such vessel: $kind");
        }
        $class = self::KINDS[$kind];

        return new $class();
    }
}
