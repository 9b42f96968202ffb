<?php

interface Ringer
{
    public function rang(int $times): void;
}

final class Bell
{
    /** @var Ringer[] */
    private array $ringers = [];
    private int $rung = 0;

    public function add(Ringer ...$ringers): void
    {
        foreach ($ringers as $ringer) {
            $this->ringers[] = $ringer;
        }
    }

    public function drop(Ringer $ringer): void
    {
        $this->ringers = array_filter($this->ringers, fn (Ringer $one) => $one !== $ringer);
    }

    public function ring(): void
    {
        $this->rung++;
        array_walk($this->ringers, function (Ringer $ringer) {
            $ringer->rang($this->rung);
        });
    }
}

final class Tower implements Ringer
{
    private int $times = 0;

    public function rang(int $times): void
    {
        $this->times = $times;
    }
}
