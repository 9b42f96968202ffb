<?php

class BerthList
{
    public function names(): array
    {
        return ['east', 'west'];
    }

    public function length(string $name): int
    {
        return strlen($name) * 10;
    }
}

final class QuayPlan
{
    private array $sections = ['mole' => 1200, 'steps' => 800];

    public function sections(): array
    {
        return $this->sections;
    }

    public function decimetres(string $section): int
    {
        return $this->sections[$section];
    }
}

final class PlannedBerths extends BerthList
{
    public function __construct(private QuayPlan $plan)
    {
    }

    public function names(): array
    {
        return array_keys($this->plan->sections());
    }

    public function length(string $name): int
    {
        return intdiv($this->plan->decimetres($name), 10);
    }
}

final class HarbourOffice
{
    public function longest(BerthList $berths): int
    {
        $longest = 0;
        foreach ($berths->names() as $name) {
            $longest = max($longest, $berths->length($name));
        }
        return $longest;
    }
}

$office = new HarbourOffice();
echo $office->longest(new BerthList()), $office->longest(new PlannedBerths(new QuayPlan()));
