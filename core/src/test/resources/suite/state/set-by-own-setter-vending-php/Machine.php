<?php

namespace Kiosk;

interface MachineState
{
    public function coin(Machine $machine): void;

    public function press(Machine $machine): void;

    public function refund(Machine $machine): void;
}

final class Idle implements MachineState
{
    public function coin(Machine $machine): void
    {
        $machine->become(new Paid());
    }

    public function press(Machine $machine): void
    {
        throw new \LogicException('pay first');
    }

    public function refund(Machine $machine): void
    {
        throw new \LogicException('nothing paid');
    }
}

final class Paid implements MachineState
{
    public function coin(Machine $machine): void
    {
        throw new \LogicException('already paid');
    }

    public function press(Machine $machine): void
    {
        $machine->drop();
        $machine->become(new Idle());
    }

    public function refund(Machine $machine): void
    {
        $machine->become(new Idle());
    }
}

final class Machine
{
    private MachineState $state;

    private function putState(MachineState $to)
    {
        $this->state = $to;
    }
    private int $sold = 0;

    public function __construct()
    {
        $this->state = new Idle();
    }

    public function become(MachineState $next): void
    {
        $this->putState($next);
    }

    public function coin(): void
    {
        $this->state->coin($this);
    }

    public function press(): void
    {
        $this->state->press($this);
    }

    public function refund(): void
    {
        $this->state->refund($this);
    }

    public function drop(): void
    {
        $this->sold++;
    }
}
