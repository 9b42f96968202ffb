<?php
interface BargeWatch
{
    public function moored(string $barge): void;
}

class Ledger implements BargeWatch
{
    private int $count = 0;

    public function moored(string $barge): void
    {
        $this->count++;
    }
}

class Lamp implements BargeWatch
{
    public string $shown = '';

    public function moored(string $barge): void
    {
        $this->shown = $barge;
    }
}

class Quay
{
    /** @var BargeWatch[] */
    private array $watches = [];

    public function join(BargeWatch $watch): void
    {
        $this->watches[spl_object_id($watch)] = $watch;
    }

    public function leave(BargeWatch $watch): void
    {
        unset($this->watches[spl_object_id($watch)]);
    }

    public function moor(string $barge): void
    {
        $this->each(fn (BargeWatch $watch) => $watch->moored($barge));
    }

    private function each(callable $tell): void
    {
        foreach ($this->watches as $watch) {
            $tell($watch);
        }
    }
}
