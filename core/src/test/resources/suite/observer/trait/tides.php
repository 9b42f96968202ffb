<?php

interface TideListener
{
    public function tide(int $level): void;
}

trait TellsListeners
{
    /** @var TideListener[] */
    private array $listeners = [];

    public function join(TideListener $listener): void
    {
        $this->listeners[spl_object_id($listener)] = $listener;
    }

    public function leave(TideListener $listener): void
    {
        unset($this->listeners[spl_object_id($listener)]);
    }

    protected function tell(int $level): void
    {
        foreach ($this->listeners as $listener) {
            $listener->tide($level);
        }
    }
}

final class Gauge
{
    use TellsListeners;

    private int $level = 0;

    public function rise(int $by): void
    {
        $this->level += $by;
        $this->tell($this->level);
    }
}

final class Siren implements TideListener
{
    private bool $on = false;

    public function tide(int $level): void
    {
        $this->on = $level > 300;
    }
}

final class Book implements TideListener
{
    private array $levels = [];

    public function tide(int $level): void
    {
        $this->levels[] = $level;
    }
}

$gauge = new Gauge();
$gauge->join(new Siren());
$gauge->join(new Book());
$gauge->rise(20);
