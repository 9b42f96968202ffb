<?php

namespace Aldera\Tide;

class Gauge implements \SplSubject
{
    private \SplObjectStorage $observers;
    private float $level = 0.0;

    public function __construct()
    {
        $this->observers = new \SplObjectStorage();
    }

    public function attach(\SplObserver $observer): void
    {
        $this->observers->attach($observer);
    }

    public function detach(\SplObserver $observer): void
    {
        $this->observers->detach($observer);
    }

    public function notify(): void
    {
        foreach ($this->observers as $observer) {
            $observer->update($this);
        }
    }

    public function rise(float $by): void
    {
        $this->level += $by;
        $this->notify();
    }

    public function level(): float
    {
        return $this->level;
    }
}
