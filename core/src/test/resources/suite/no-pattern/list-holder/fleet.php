<?php

abstract class Boat
{
    abstract public function crew(): int;
}

class Trawler extends Boat
{
    public function crew(): int
    {
        return 6;
    }
}

class Tug extends Boat
{
    public function crew(): int
    {
        return 3;
    }
}

class Fleet
{
    /** @var Boat[] */
    private array $boats = [];

    public function add(Boat $boat): void
    {
        $this->boats[] = $boat;
    }

    public function crew(): int
    {
        $sum = 0;
        foreach ($this->boats as $boat) {
            $sum += $boat->crew();
        }

        return $sum;
    }
}

$fleet = new Fleet();
$fleet->add(new Trawler());
$fleet->add(new Tug());
echo $fleet->crew();
