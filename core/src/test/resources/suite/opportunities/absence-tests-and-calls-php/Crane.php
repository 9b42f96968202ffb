<?php

final class LiftLog
{
    public function note(string $text): void
    {
        echo $text;
    }
}

final class Crane
{
    public function __construct(private ?LiftLog $log = null)
    {
    }

    public function lift(int $tonnes): void
    {
        $this->log && $this->log->note("lift $tonnes");
    }

    public function swing(): void
    {
        $this->log and $this->log->note('swing');
    }

    public function drop(): void
    {
        if ($this->log) {
            $this->log->note('drop');
        }
    }
}

(new Crane(new LiftLog()))->lift(2);
