<?php

enum Mode
{
    case Idle;
    case Pumping;
    case Broken;
}

final class Pump
{
    private Mode $mode = Mode::Idle;
    private int $litres = 0;

    public function tick(): void
    {
        match ($this->mode) {
            Mode::Idle => $this->mode = Mode::Pumping,
            Mode::Pumping => $this->litres += 20,
            Mode::Broken => null,
        };
    }

    public function describe(): string
    {
        return match ($this->mode) {
            Mode::Idle => 'idle',
            Mode::Pumping => "pumped {$this->litres}",
            Mode::Broken => 'broken',
        };
    }

    public function fail(): void
    {
        $this->mode = Mode::Broken;
    }
}

$pump = new Pump();
$pump->tick();
echo $pump->describe();
