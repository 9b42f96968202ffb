<?php

final class Gauge
{
    public function mark(string $what): void
    {
        echo $what, "\n";
    }
}

final class Pump
{
    private int $litres = 0;

    public function __construct(private ?Gauge $gauge = null)
    {
    }

    public function start(): void
    {
        $this->gauge?->mark('start');
    }

    public function add(int $litres): void
    {
        $this->litres += $litres;
        if ($this->gauge !== null) {
            $this->gauge->mark("at {$this->litres}");
        }
    }

    public function stop(): void
    {
        $this->gauge?->mark('stop');
    }
}

(new Pump(new Gauge()))->start();
