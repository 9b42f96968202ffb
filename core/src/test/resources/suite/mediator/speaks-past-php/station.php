<?php
namespace Aldera;

final class Station
{
    public Pump $pump;
    public Gate $gate;
    public Lamp $lamp;

    public function __construct()
    {
        $this->pump = new Pump($this);
        $this->gate = new Gate($this);
        $this->lamp = new Lamp($this);
    }

    public function pumpStarted(): void
    {
        $this->gate->close();
        $this->lamp->red();
    }

    public function gateOpened(): void
    {
        $this->pump->stop();
        $this->lamp->green();
    }

    public function lampBroken(): void
    {
        $this->pump->stop();
    }
}

final class Pump
{
    private bool $runs = false;

    public function __construct(private Station $station) {}

    public function start(): void
    {
        $this->runs = true;
        $this->station->pumpStarted();
    }

    public function stop(): void
    {
        $this->runs = false;
    }
}

final class Gate
{
    private bool $open = false;

    public function __construct(private Station $station) {}

    public function open(): void
    {
        $this->open = true;
        $this->station->gateOpened();
    }

    public function close(): void
    {
        $this->open = false;
    }
}

final class Lamp
{
    private string $colour = 'green';
    private ?Pump $pump = null;

    public function __construct(private Station $station) {}

    public function watch(Pump $pump): void
    {
        $this->pump = $pump;
    }

    public function red(): void
    {
        $this->colour = 'red';
    }

    public function green(): void
    {
        $this->colour = 'green';
    }

    public function fail(): void
    {
        $this->station->lampBroken();
        $this->pump?->stop();
    }
}
