<?php

interface Tower
{
    public function request(Craft $craft): void;
    public function cleared(Craft $craft): void;
}

abstract class Craft
{
    public function __construct(protected Tower $tower)
    {
    }

    abstract public function proceed(): void;
    abstract public function wait(): void;
}

class Tug extends Craft
{
    private bool $moving = false;

    public function start(): void
    {
        $this->tower->request($this);
    }

    public function proceed(): void
    {
        $this->moving = true;
    }

    public function wait(): void
    {
        $this->moving = false;
    }
}

class Barge extends Craft
{
    private int $waits = 0;

    public function done(): void
    {
        $this->tower->cleared($this);
    }

    public function proceed(): void
    {
        $this->waits = 0;
    }

    public function wait(): void
    {
        $this->waits++;
    }
}

class HarbourTower implements Tower
{
    /** @var Craft[] */
    private array $crafts = [];

    public function register(Craft $craft): void
    {
        $this->crafts[] = $craft;
    }

    public function request(Craft $craft): void
    {
        foreach ($this->crafts as $other) {
            if ($other !== $craft) {
                $other->wait();
            }
        }
        $craft->proceed();
    }

    public function cleared(Craft $craft): void
    {
        foreach ($this->crafts as $other) {
            $other->proceed();
        }
    }
}

$tower = new HarbourTower();
$tug = new Tug($tower);
$tower->register($tug);
$tower->register(new Barge($tower));
$tug->start();
