<?php

namespace App\Port;

interface ShouldTell
{
    public function channel(): string;
}

final class ShipArrived implements ShouldTell
{
    public function __construct(public readonly string $ship, public readonly \DateTimeImmutable $at)
    {
    }

    public function channel(): string
    {
        return 'arrivals';
    }
}

final class Dispatcher
{
    /** @var array<class-string, list<callable>> */
    private array $listeners = [];

    public function listen(string $event, callable $listener): void
    {
        $this->listeners[$event][] = $listener;
    }

    public function forget(string $event): void
    {
        unset($this->listeners[$event]);
    }

    public function dispatch(object $event): object
    {
        foreach ($this->listeners[$event::class] ?? [] as $listener) {
            $listener($event);
        }
        return $event;
    }
}
