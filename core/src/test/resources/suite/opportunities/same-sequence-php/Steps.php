<?php
declare(strict_types=1);

final class Scales
{
    private int $sum = 0;

    public function weigh(int $kilos): int
    {
        $this->sum += $kilos;
        return $kilos;
    }
}

final class Labels
{
    private int $next = 1;

    public function print(int $kilos): string
    {
        return 'L' . $this->next++ . ' ' . $kilos;
    }
}

final class ColdRoom
{
    private array $kept = [];

    public function store(string $label): void
    {
        $this->kept[] = $label;
    }
}

final class MorningShift
{
    public function __construct(private Scales $scales, private Labels $labels, private ColdRoom $room)
    {
    }

    public function catchOf(int $kilos): void
    {
        $weight = $this->scales->weigh($kilos);
        $label = $this->labels->print($weight);
        $this->room->store($label);
    }
}

final class ReturnDesk
{
    public function __construct(private Scales $scales, private Labels $labels, private ColdRoom $room)
    {
    }

    public function back(array $crates): void
    {
        foreach ($crates as $kilos) {
            $this->room->store($this->labels->print($this->scales->weigh($kilos)));
        }
    }
}

[$scales, $labels, $room] = [new Scales(), new Labels(), new ColdRoom()];
(new MorningShift($scales, $labels, $room))->catchOf(40);
(new ReturnDesk($scales, $labels, $room))->back([3, 5]);
