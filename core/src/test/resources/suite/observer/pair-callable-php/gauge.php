<?php
class TideGauge
{
    private array $listeners = [];
    private int $level = 0;

    public function onChange(callable $listener): void
    {
        $this->listeners[] = $listener;
    }

    public function read(int $level): void
    {
        $this->level = $level;
        foreach ($this->listeners as $listener) {
            call_user_func($listener, $this->level);
        }
    }
}

class Board
{
    private string $text = '';

    public function show(int $level): void
    {
        $this->text = "tide $level";
    }
}

class Siren
{
    private bool $on = false;

    public function sound(int $level): void
    {
        $this->on = $level > 400;
    }
}

$gauge = new TideGauge();
$board = new Board();
$gauge->onChange([$board, 'show']);
$gauge->onChange([new Siren(), 'sound']);
$gauge->read(420);
