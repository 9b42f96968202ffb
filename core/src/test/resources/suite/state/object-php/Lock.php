<?php

interface LockState
{
    public function press(Lock $lock): void;
}

class Lock
{
    private LockState $state;

    public function __construct()
    {
        $this->state = new Empty_();
    }

    public function press(): void
    {
        $this->state->press($this);
    }

    public function setState(LockState $state): void
    {
        $this->state = $state;
    }
}

class Empty_ implements LockState
{
    public function press(Lock $lock): void
    {
        $lock->setState(new Filling());
    }
}

class Filling implements LockState
{
    public function press(Lock $lock): void
    {
        $lock->setState(new Full());
    }
}

class Full implements LockState
{
    public function press(Lock $lock): void
    {
        $lock->setState(new Empty_());
    }
}
