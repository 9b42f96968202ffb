<?php

interface Pump
{
    public function start(): void;

    public function stop(): void;

    public function litres(): int;
}

class RealPump implements Pump
{
    private int $litres = 0;

    public function start(): void
    {
        $this->litres += 10;
    }

    public function stop(): void
    {
        $this->litres = 0;
    }

    public function litres(): int
    {
        return $this->litres;
    }
}

class GuardedPump implements Pump
{
    private ?RealPump $pump = null;

    public function __construct(private bool $allowed)
    {
    }

    private function pump(): RealPump
    {
        return $this->pump ??= new RealPump();
    }

    public function start(): void
    {
        if (!$this->allowed) {
            throw new RuntimeException('not allowed');
        }
        $this->pump()->start();
    }

    public function stop(): void
    {
    }

    public function litres(): int
    {
        return $this->pump()->litres();
    }
}

function drain(Pump $pump): int
{
    $pump->start();
    $pump->stop();
    return $pump->litres();
}

echo drain(new GuardedPump(true));
