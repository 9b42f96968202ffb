<?php

namespace Aldera\Gate;

abstract class Machine
{
    protected GateState $state;

    public function __construct(GateState $first)
    {
        $this->state = $first;
    }

    public function become(GateState $next): void
    {
        $this->state = $next;
    }
}

final class Gate extends Machine
{
    public int $passed = 0;

    public function __construct()
    {
        parent::__construct(new Shut());
    }

    public function coin(): void
    {
        $this->state->coin($this);
    }

    public function push(): void
    {
        $this->state->push($this);
    }
}

interface GateState
{
    public function coin(Gate $gate): void;

    public function push(Gate $gate): void;
}

final class Shut implements GateState
{
    public function coin(Gate $gate): void
    {
        $gate->become(new Open());
    }

    public function push(Gate $gate): void
    {
    }
}

final class Open implements GateState
{
    public function coin(Gate $gate): void
    {
    }

    public function push(Gate $gate): void
    {
        $gate->passed++;
        $gate->become(new Shut());
    }
}
