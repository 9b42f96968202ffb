<?php

namespace Aldera;

final class PumpStore
{
    private array $kinds = [
        'diesel' => DieselPump::class,
        'hand' => HandPump::class,
    ];

    public function fetch(string $kind): Pump
    {
        $class = $this->kinds[$kind] ?? throw new \InvalidArgumentException($kind);
        return new $class();
    }
}

final class Crew
{
    public function __construct(private PumpStore $store)
    {
    }

    public function empty(string $kind): int
    {
        return $this->store->fetch($kind)->litres(10);
    }
}

echo (new Crew(new PumpStore()))->empty('hand');
