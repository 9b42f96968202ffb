<?php

class JobQueue
{
    /** @var callable[] */
    private array $jobs = [];

    public function add(callable $job): void
    {
        $this->jobs[] = $job;
    }

    public function work(): void
    {
        while ($job = array_shift($this->jobs)) {
            $job();
        }
    }
}

class Crane
{
    private int $lifts = 0;

    public function lift(): void
    {
        $this->lifts++;
    }
}

$crane = new Crane();
$queue = new JobQueue();
$queue->add(fn () => $crane->lift());
$queue->add(function () use ($crane) { $crane->lift(); });
$queue->work();
