<?php

namespace Aldera;

abstract class Task
{
    public function __construct(protected string $name)
    {
    }

    abstract public function hours(): float;
}

final class Job extends Task
{
    public function __construct(string $name, private float $hours)
    {
        parent::__construct($name);
    }

    public function hours(): float
    {
        return $this->hours;
    }
}

final class Plan extends Task
{
    /** @var Task[] */
    private array $tasks = [];

    public function add(Task ...$tasks): static
    {
        array_push($this->tasks, ...$tasks);
        return $this;
    }

    public function hours(): float
    {
        return array_sum(array_map(fn (Task $task): float => $task->hours(), $this->tasks));
    }
}

$plan = (new Plan('refit'))->add(new Job('paint', 4), (new Plan('engine'))->add(new Job('oil', 1.5)));
echo $plan->hours();
