<?php
class Crane
{
    private int $height = 0;

    public function lift(int $metres): void
    {
        $this->height += $metres;
    }

    public function park(): void
    {
        $this->height = 0;
    }
}

class Shift
{
    private array $work = [];

    public function add(callable $task): void
    {
        $this->work[] = $task;
    }

    public function run(): void
    {
        while ($task = array_shift($this->work)) {
            $task();
        }
    }
}

$crane = new Crane();
$shift = new Shift();
$shift->add([$crane, 'park']);
$shift->add(fn () => $crane->lift(4));
$shift->run();
